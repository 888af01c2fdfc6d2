<script setup lang="ts">
/** The room book: rooms found by name, by number or by how busy they are, kept in categories, dealt into the radios. */
import { computed, ref } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import { saveRoom } from '@relay/core/modes/c4fm/book';
import { type FoundRoom, roomDigits, roomNetwork, roomNetworks } from '@relay/core/modes/c4fm/rooms';
import { rows } from '@relay/core/plan/table';
import { EmptyState, PageHead } from '../../fields';
import { newId } from '../../fields/new-id';
import { usePlanStore } from '../../sync/plan-store';
import BookList from './BookList.vue';
import DealPanel from './DealPanel.vue';
import RoomSearch from './RoomSearch.vue';

defineProps<{ planId: string }>();
const store = usePlanStore();
const route = useRoute();
const router = useRouter();
const plan = computed(() => store.plan!);
const networks = computed(() => roomNetworks(plan.value));
const categories = computed(() => rows(plan.value.shared.c4fm.categories));
const category = ref('');
const chosen = computed(() => category.value.trim() || categories.value[0]?.name || 'Favourites');

/** By its name where it is there already. */
function save({ network, room }: FoundRoom): void {
  const name = chosen.value.slice(0, 60).trim();
  const known = categories.value.find((one) => one.name.toLowerCase() === name.toLowerCase());
  const into = known ? { ...known } : { id: newId('cat'), name };
  let fresh = true;
  store.edit(`keep ${room.name}`, (draft) => {
    const there = roomNetwork(draft, network.id);
    if (there?.rooms.byId[room.id]) fresh = saveRoom(draft, { network: there, room: there.rooms.byId[room.id]! }, into);
  });
  store.notice = `${roomDigits(room.number)} ${room.name} ${fresh ? 'is kept in' : 'moved to'} ${into.name}.`;
}
</script>

<template>
  <PageHead title="Room book" :detail="`${plan.shared.c4fm.entries.order.length} kept`">
    <el-button @click="router.push({ name: 'networks', params: { planId } })">Networks</el-button>
    <el-button
      :disabled="plan.shared.c4fm.entries.order.length === 0"
      @click="router.push({ name: 'card', params: { planId } })"
      >Card to print</el-button
    >
  </PageHead>
  <EmptyState v-if="networks.length === 0" title="No rooms yet">
    <p>
      C4FM sites connect to rooms by number. Add a network of rooms, and read a list of them or enter those you know.
    </p>
    <template #acts
      ><el-button type="primary" @click="router.push({ name: 'networks', params: { planId } })"
        >Add a network of rooms</el-button
      ></template
    >
  </EmptyState>
  <div v-else class="desk">
    <section aria-labelledby="find-room">
      <h2 id="find-room">Find a room</h2>
      <RoomSearch :networks="networks" :find="String(route.query['find'] ?? '')" @save="save">
        <label class="into"
          >Keep it in
          <input
            v-model="category"
            class="plain-input"
            list="room-categories"
            aria-label="Category to keep it in"
            :placeholder="chosen"
            maxlength="60"
        /></label>
        <datalist id="room-categories"><option v-for="one in categories" :key="one.id" :value="one.name" /></datalist>
      </RoomSearch>
    </section>
    <div class="side">
      <BookList />
      <DealPanel />
    </div>
  </div>
</template>

<style scoped>
.desk {
  display: grid;
  grid-template-columns: minmax(0, 3fr) minmax(340px, 2fr);
  gap: 28px;
  padding: 4px 20px 28px;
}

.side {
  display: grid;
  gap: 20px;
  align-content: start;
}

.into {
  display: flex;
  gap: 8px;
  align-items: center;
}

.into input {
  width: 150px;
}

@media (max-width: 1000px) {
  .desk {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
