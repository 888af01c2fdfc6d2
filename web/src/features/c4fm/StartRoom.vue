<script setup lang="ts">
/** Which room a hotspot connects to when it starts. */
import { computed } from 'vue';
import { roomDigits, roomNetworks } from '@relay/core/modes/c4fm/rooms';
import { rows } from '@relay/core/plan/table';
import type { Profile, Site } from '@relay/core/plan/types';
import { ChoiceField } from '../../parts';
import { usePlanStore } from '../../sync/plan-store';

const props = defineProps<{ site: Site; profile: Profile }>();
const emit = defineEmits<{ change: [label: string, recipe: (profile: Profile) => void] }>();
const store = usePlanStore();
const NONE = 'none';
const options = computed(() => {
  const listed = roomNetworks(store.plan!).filter((one) => props.site.c4fm?.networkIds.includes(one.id)).flatMap((network) => rows(network.rooms).map((room) => ({ value: roomDigits(room.number), label: `${roomDigits(room.number)} · ${room.name}` })));
  const set = props.profile.c4fm.startRoom;
  return [{ value: NONE, label: 'no room' }, ...listed, ...(set !== null && !listed.some((one) => one.value === roomDigits(set)) ? [{ value: roomDigits(set), label: `${roomDigits(set)} · in no list` }] : [])];
});
</script>

<template>
  <ChoiceField label="Room at start" :value="profile.c4fm.startRoom === null ? NONE : roomDigits(profile.c4fm.startRoom)" :options="options" @choose="(value) => emit('change', 'room at start', (one) => void (one.c4fm.startRoom = value === NONE ? null : Number(value)))" />
</template>
