<script setup lang="ts">
/** Which room a hotspot connects to when it starts. */
import { computed } from 'vue';
import { roomDigits, roomNetworks } from '@relay/core/modes/c4fm/rooms';
import { rows } from '@relay/core/plan/table';
import type { ProfileValues, Site } from '@relay/core/plan/types';
import { StartChoice } from '../../fields';
import { usePlanStore } from '../../sync/plan-store';

const props = defineProps<{ site: Site; profile: ProfileValues }>();
const emit = defineEmits<{ change: [label: string, recipe: (profile: ProfileValues) => void] }>();
const store = usePlanStore();
const listed = computed(() =>
  roomNetworks(store.plan!)
    .filter((one) => props.site.c4fm?.networkIds.includes(one.id))
    .flatMap((network) =>
      rows(network.rooms).map((room) => ({
        value: roomDigits(room.number),
        label: `${roomDigits(room.number)} · ${room.name}`,
      })),
    ),
);
const set = computed(() => (props.profile.c4fm.startRoom === null ? null : roomDigits(props.profile.c4fm.startRoom)));
const choose = (value: string | null) =>
  emit('change', 'room at start', (one) => void (one.c4fm.startRoom = value === null ? null : Number(value)));
</script>

<template>
  <StartChoice
    label="Room at start"
    nothing="no room"
    :value="set"
    :listed="listed"
    :at="['c4fm', 'startRoom']"
    @choose="choose"
  />
</template>
