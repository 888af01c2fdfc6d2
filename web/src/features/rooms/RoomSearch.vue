<script setup lang="ts">
/** Three ways to a room, each an act of its own, as on a radio: by name, by number, by how busy it is. */
import { computed, ref, watch } from 'vue';
import {
  byActivity,
  type FoundRoom,
  roomDigits,
  type RoomNetwork,
  searchByName,
  searchByNumber,
} from '@relay/core/modes/c4fm/rooms';
import { rows } from '@relay/core/plan/table';
import { PickBox, VirtualRows } from '../../fields';
import { usePlanStore } from '../../sync/plan-store';

const props = defineProps<{ networks: readonly RoomNetwork[]; find: string }>();
defineEmits<{ save: [found: FoundRoom] }>();
const store = usePlanStore();
type Way = 'name' | 'number' | 'activity';
const way = ref<Way>(/^\d/.test(props.find) ? 'number' : 'name');
const text = ref(props.find);
const page = ref(0);
const networkId = ref('');
const searched = computed(() =>
  networkId.value ? props.networks.filter((one) => one.id === networkId.value) : props.networks,
);
const busy = computed(() => byActivity(searched.value, page.value));
const found = computed(() =>
  way.value === 'activity'
    ? busy.value.rooms
    : way.value === 'name'
      ? searchByName(searched.value, text.value)
      : searchByNumber(searched.value, text.value),
);
const kept = computed(
  () =>
    new Map(
      rows(store.plan!.shared.c4fm.entries).map((one) => [
        `${one.networkId}/${one.roomId}`,
        store.plan!.shared.c4fm.categories.byId[one.categoryId]?.name ?? '',
      ]),
    ),
);
/** The number that disconnects is asked for as a room now and then. */
const leaves = computed(
  () =>
    way.value === 'number' &&
    props.networks.find((one) => roomDigits(one.disconnect) === text.value.replace(/\s/g, '')),
);
const nothing = computed(() => {
  if (leaves.value || found.value.length > 0) return '';
  if (way.value === 'activity') return 'No room is listed yet.';
  if (text.value.trim() === '')
    return way.value === 'name' ? 'No room is listed yet.' : 'Type the first digits, or all five.';
  return way.value === 'number' && !/^\d{1,5}$/.test(text.value.replace(/\s/g, ''))
    ? `Found “${text.value}”, expected digits. Searching by name is another act.`
    : 'No room has that.';
});
watch([way, networkId], () => (page.value = 0));
</script>

<template>
  <div class="search">
    <div class="ask">
      <el-radio-group v-model="way" aria-label="Search by"
        ><el-radio-button value="name">By name</el-radio-button
        ><el-radio-button value="number">By number</el-radio-button
        ><el-radio-button value="activity">Busiest</el-radio-button></el-radio-group
      >
      <input
        v-if="way !== 'activity'"
        v-model="text"
        class="plain-input words"
        :class="{ mono: way === 'number' }"
        :aria-label="way === 'name' ? 'Part of the name or place' : 'Number of the room'"
        :placeholder="way === 'name' ? 'Part of the name' : '41205'"
        :inputmode="way === 'number' ? 'numeric' : 'text'"
      />
      <PickBox
        v-if="networks.length > 1"
        class="which"
        :value="networkId"
        label="Network of rooms"
        :options="[
          { value: '', label: 'every network' },
          ...networks.map((one) => ({ value: one.id, label: one.name })),
        ]"
        @choose="networkId = $event"
      />
      <slot />
    </div>
    <p v-if="leaves" class="is-doubtful" role="status">
      <strong class="mono">{{ roomDigits(leaves.disconnect) }}</strong> is no room: calling it disconnects. It is the
      way out of {{ leaves.name }}.
    </p>
    <p v-else-if="nothing" class="soft" role="status">{{ nothing }}</p>
    <table v-if="found.length" class="plain" aria-label="Rooms found">
      <thead>
        <tr>
          <th scope="col">Number</th>
          <th scope="col">Room</th>
          <th scope="col" class="wide">Place</th>
          <th scope="col" class="wide">Network</th>
          <th scope="col" class="number">Connected</th>
          <th scope="col"><span class="visually-hidden">Acts</span></th>
        </tr>
      </thead>
      <VirtualRows
        v-slot="{ row: one, at }"
        :rows="found"
        :key-of="({ network, room }) => `${network.id}/${room.id}`"
        :height="33"
      >
        <tr :data-index="at" data-testid="found-room">
          <td class="mono">{{ roomDigits(one.room.number) }}</td>
          <th scope="row">
            {{ one.room.name }} <span v-if="one.room.kind === 'node'" class="soft">node</span
            ><span class="narrow soft">{{ [one.room.place, one.network.name].filter(Boolean).join(', ') }}</span>
          </th>
          <td class="wide">{{ one.room.place }}</td>
          <td class="wide">{{ one.network.name }}</td>
          <td class="number mono">{{ one.room.activity ?? '–' }}</td>
          <td class="acts">
            <span v-if="kept.has(`${one.network.id}/${one.room.id}`)" class="soft"
              >in {{ kept.get(`${one.network.id}/${one.room.id}`) }}</span
            >
            <el-button link :aria-label="`Keep ${one.room.name}, ${one.network.name}`" @click="$emit('save', one)"
              >Keep</el-button
            >
          </td>
        </tr>
      </VirtualRows>
    </table>
    <p v-if="way === 'activity' && busy.pages > 1" class="pages">
      <el-button :disabled="page === 0" @click="page -= 1">Busier</el-button>
      <span>page {{ page + 1 }} of {{ busy.pages }}</span>
      <el-button :disabled="page + 1 >= busy.pages" @click="page += 1">Quieter</el-button>
    </p>
  </div>
</template>

<style scoped>
.search {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 10px;
  margin-top: 10px;
}

.ask {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 14px;
  align-items: center;
}

.words {
  width: 190px;
}

.which {
  width: 170px;
}

tbody th {
  background: none;
  border-bottom: 1px solid var(--hairline);
  font-size: 13px;
}

.acts {
  text-align: right;
  white-space: nowrap;
}

.narrow {
  display: none;
}

@media (max-width: 760px) {
  .wide {
    display: none;
  }

  .narrow {
    display: block;
    font-weight: 400;
  }

  .acts {
    white-space: normal;
  }
}

.pages {
  display: flex;
  gap: 12px;
  align-items: center;
}
</style>
