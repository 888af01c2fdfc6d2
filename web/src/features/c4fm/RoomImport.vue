<script setup lang="ts">
/** Reads a list of rooms in whatever layout: what it would change is shown before it does. */
import { computed, ref, shallowRef } from 'vue';
import type { ReadRooms } from '@relay/core/lists/read-rooms';
import { compareRooms, putRooms, roomDigits, roomNetwork, type RoomNetwork } from '@relay/core/modes/c4fm/rooms';
import { ListImport } from '../../parts';
import { usePlanStore } from '../../sync/plan-store';

const props = defineProps<{ network: RoomNetwork }>();
const store = usePlanStore();
const read = shallowRef<ReadRooms | null>(null);
const fileTitle = ref('');
const difference = computed(() => (read.value ? compareRooms(props.network, read.value.rooms) : null));

async function choose(name: string, bytes: Uint8Array): Promise<void> {
  const [{ readRaw }, { readRooms }] = await Promise.all([import('@relay/core/lists/raw'), import('@relay/core/lists/read-rooms')]);
  const { disconnect } = props.network;
  read.value = readRooms(readRaw(bytes), (number) => (number === disconnect ? `a room: ${roomDigits(disconnect)} disconnects` : null));
  fileTitle.value = name;
}

function take(): void {
  const { rooms } = read.value!;
  store.edit(`${props.network.name}: read ${fileTitle.value}`, (draft) => putRooms(roomNetwork(draft, props.network.id)!, rooms));
  store.notice = `${fileTitle.value} was read into ${props.network.name}. Undo takes it back.`;
  read.value = null;
}
</script>

<template>
  <ListImport what="rooms" :into="network.name" hint="In any layout: a column with five digits, others with name, place and how many are connected." :file="fileTitle" :difference="difference && { fresh: difference.fresh.length, changed: difference.changed.length, same: difference.same }" :rejected="read?.rejected ?? []" @choose="choose" @take="take" @leave="read = null" />
</template>
