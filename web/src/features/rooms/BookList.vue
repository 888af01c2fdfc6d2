<script setup lang="ts">
/** What is kept, category by category, what is used most first. */
import { computed } from 'vue';
import { entriesOf } from '@relay/core/modes/c4fm/book';
import { roomDigits } from '@relay/core/modes/c4fm/rooms';
import { removeRow, rows } from '@relay/core/plan/table';
import { TextField, VirtualRows } from '../../fields';
import { takeName } from '../../fields/field';
import { usePlanStore } from '../../sync/plan-store';

const store = usePlanStore();
const book = computed(() =>
  rows(store.plan!.shared.c4fm.categories).map((category) => ({
    category,
    rooms: entriesOf(store.plan!, category.id),
  })),
);

function used(id: string, name: string): void {
  store.edit(`used ${name}`, (draft) => {
    const entry = draft.shared.c4fm.entries.byId[id];
    if (entry) entry.uses += 1;
  });
}

function move(id: string, by: -1 | 1): void {
  store.edit('order of categories', (draft) => {
    const { order } = draft.shared.c4fm.categories;
    const at = order.indexOf(id);
    if (at + by >= 0 && at + by < order.length) order.splice(at + by, 0, ...order.splice(at, 1));
  });
}
</script>

<template>
  <section aria-labelledby="book">
    <h2 id="book">Kept</h2>
    <p v-if="book.length === 0" class="soft">Nothing yet: find a room and keep it.</p>
    <div v-for="({ category, rooms }, at) in book" :key="category.id" class="category" data-testid="room-category">
      <div class="head">
        <TextField
          bare
          :label="`Name of category ${at + 1}`"
          :value="category.name"
          :take="
            (text) =>
              takeName(text, 60, (name) =>
                store.edit('category', (draft) => void (draft.shared.c4fm.categories.byId[category.id]!.name = name)),
              )
          "
        />
        <el-button link :disabled="at === 0" :aria-label="`${category.name} earlier`" @click="move(category.id, -1)"
          >Up</el-button
        >
        <el-button
          link
          :disabled="at === book.length - 1"
          :aria-label="`${category.name} later`"
          @click="move(category.id, 1)"
          >Down</el-button
        >
        <el-button
          link
          :aria-label="`Remove category ${category.name}`"
          @click="
            store.remove(`Removed ${category.name}`, (draft) => removeRow(draft.shared.c4fm.categories, category.id))
          "
          >Remove</el-button
        >
      </div>
      <VirtualRows
        v-slot="{ row: { entry, room, network }, at: n }"
        as="ul"
        :rows="rooms"
        :key-of="(one) => one.entry.id"
        :height="30"
      >
        <li :data-index="n">
          <span class="mono">{{ roomDigits(room.number) }}</span> <strong>{{ room.name }}</strong>
          <span class="soft">{{ network.name }}</span>
          <span class="acts"
            ><el-button link :aria-label="`Used ${room.name} once more`" @click="used(entry.id, room.name)"
              >used {{ entry.uses }}×</el-button
            >
            <el-button
              link
              :aria-label="`Do not keep ${room.name}`"
              @click="
                store.edit(`no longer keep ${room.name}`, (draft) => removeRow(draft.shared.c4fm.entries, entry.id))
              "
              >Drop</el-button
            ></span
          >
        </li>
      </VirtualRows>
    </div>
  </section>
</template>

<style scoped>
.category {
  margin-top: 10px;
  padding: 8px 12px;
  background: var(--raised);
  border: 1px solid var(--hairline);
  border-radius: 3px;
}

.head {
  display: flex;
  gap: 8px;
  align-items: center;
}

.head > :first-child {
  flex: 1;
}

ul {
  margin: 6px 0 0;
  padding: 0;
  list-style: none;
}

li {
  display: flex;
  gap: 10px;
  align-items: baseline;
  padding: 3px 0;
}

.acts {
  margin-left: auto;
  white-space: nowrap;
}
</style>
