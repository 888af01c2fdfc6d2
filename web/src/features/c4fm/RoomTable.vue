<script setup lang="ts">
/** The rooms and nodes of a network; each may be the same as one elsewhere, or bridge to another network. */
import { computed, nextTick, ref } from 'vue';
import {
  roomDigits,
  roomNetwork,
  type RoomNetwork,
  roomNetworks,
  roomNumberProblem,
} from '@relay/core/modes/c4fm/rooms';
import type { Room } from '@relay/core/plan/modes/c4fm/types';
import { putRow, removeRow, rows } from '@relay/core/plan/table';
import { EntryTable, NewCell, PickBox, TextField } from '../../fields';
import type { Pick } from '../../fields/pick';
import { takeName, type Taken } from '../../fields/field';
import { newId } from '../../fields/new-id';
import { usePlanStore } from '../../sync/plan-store';

const props = defineProps<{ network: RoomNetwork }>();
const emit = defineEmits<{ change: [label: string, recipe: (network: RoomNetwork) => void] }>();
const store = usePlanStore();
const all = computed(() => rows(props.network.rooms));
const textOf = (room: (typeof all.value)[number]) => `${roomDigits(room.number)} ${room.name} ${room.place}`;
const elsewhere = computed(() => roomNetworks(store.plan!).filter((one) => one.id !== props.network.id));
const number = ref('');
const name = ref('');
const place = ref('');
const problem = ref('');
const meant = ref<string | null>(null);
const numberBox = ref<{ focus: () => void } | null>(null);

function add(): void {
  const found = roomNumberProblem(number.value, props.network.disconnect);
  meant.value = found?.meant ?? null;
  if (found) problem.value = found.problem;
  else if (all.value.some((one) => one.number === Number(number.value)))
    problem.value = `${number.value} is in the list already.`;
  else if (name.value.trim() === '') problem.value = 'Found no name, expected one.';
  else {
    problem.value = '';
    const room: Room = {
      id: newId('room'),
      number: Number(number.value),
      name: name.value.trim().slice(0, 60).trim(),
      place: place.value.trim().slice(0, 60),
      kind: 'room',
      activity: null,
      twin: null,
      bridgesTo: null,
    };
    emit('change', `add room ${room.name}`, (network) => putRow(network.rooms, room));
    number.value = name.value = place.value = '';
    void nextTick(() => numberBox.value?.focus());
  }
}

function useMeant(): void {
  number.value = meant.value ?? number.value;
  problem.value = '';
}

const take =
  (room: Room) =>
  (text: string): Taken => {
    const found = roomNumberProblem(text, props.network.disconnect);
    if (found) return found;
    if (all.value.some((one) => one.id !== room.id && one.number === Number(text)))
      return { problem: `${text} is in the list already.` };
    emit('change', 'number', (network) => void (network.rooms.byId[room.id]!.number = Number(text)));
    return null;
  };

const NOTHING = '';
/** The same for every row: made once. */
const leads = computed<Pick[]>(() => [
  { value: NOTHING, label: '–' },
  ...elsewhere.value.map((other) => ({
    label: `the same room on ${other.name}`,
    options: rows(other.rooms).map((one) => ({
      value: `twin/${other.id}/${one.id}`,
      label: `${roomDigits(one.number)} ${one.name}`,
    })),
  })),
  {
    label: 'bridges to',
    options: rows(store.plan!.networks)
      .filter((one) => one.id !== props.network.id)
      .map((other) => ({ value: `bridge/${other.id}`, label: other.name })),
  },
]);
const leadsTo = (room: Room) =>
  room.twin ? `twin/${room.twin.networkId}/${room.twin.roomId}` : room.bridgesTo ? `bridge/${room.bridgesTo}` : NOTHING;

function setLead(room: Room, value: string): void {
  const [kind, networkId = '', roomId = ''] = value.split('/');
  emit('change', `${room.name}: leads to`, (network) => {
    const draft = network.rooms.byId[room.id]!;
    draft.twin = kind === 'twin' ? { networkId, roomId } : null;
    draft.bridgesTo = kind === 'bridge' ? networkId : null;
  });
}

function remove({ id, name: gone }: Room): void {
  store.remove(`Removed ${gone}`, (draft) => removeRow(roomNetwork(draft, props.network.id)!.rooms, id));
}
</script>

<template>
  <EntryTable
    what="rooms"
    label="Rooms"
    :entries="all"
    :text-of="textOf"
    :name-of="(room) => room.name"
    add-label="Add"
    @remove="remove"
    @add="add"
  >
    <template #head>
      <th scope="col" class="narrow">Number</th>
      <th scope="col">Name</th>
      <th scope="col">Place</th>
      <th scope="col" class="number">Connected</th>
      <th scope="col">The same as, or bridges to</th>
    </template>
    <template #row="{ row: room }">
      <td>
        <TextField bare :label="`Number of ${room.name}`" :value="roomDigits(room.number)" :take="take(room)" mono />
      </td>
      <td>
        <TextField
          bare
          :label="`Name of ${roomDigits(room.number)}`"
          :value="room.name"
          :take="
            (text) =>
              takeName(text, 60, (value) =>
                emit('change', 'name', (draft) => void (draft.rooms.byId[room.id]!.name = value)),
              )
          "
        />
      </td>
      <td>
        <TextField
          bare
          :label="`Place of ${roomDigits(room.number)}`"
          :value="room.place"
          :take="
            (text) => (
              emit('change', 'place', (draft) => void (draft.rooms.byId[room.id]!.place = text.trim().slice(0, 60))),
              null
            )
          "
        />
      </td>
      <td class="number mono">{{ room.activity ?? '–' }}</td>
      <td>
        <PickBox
          class="lead"
          :value="leadsTo(room)"
          :options="leads"
          :label="`${room.name} is the same as, or bridges to`"
          @choose="setLead(room, $event)"
        />
      </td>
    </template>
    <template #fresh>
      <NewCell
        ref="numberBox"
        v-model="number"
        label="New room: number"
        placeholder="41205"
        mono
        inputmode="numeric"
        @add="add"
      />
      <NewCell v-model="name" label="New room: name" placeholder="New room" @add="add" />
      <NewCell v-model="place" label="New room: place" placeholder="Place" @add="add" />
      <td />
      <td />
    </template>
  </EntryTable>
  <p v-if="problem" class="is-broken" role="alert">
    {{ problem }} <el-button v-if="meant" link @click="useMeant">Use {{ meant }}</el-button>
  </p>
</template>

<style scoped>
.narrow {
  width: 96px;
}

.lead {
  width: 220px;
}
</style>
