<script setup lang="ts">
/** Which talk group a hotspot links to when it starts. */
import { computed } from 'vue';
import { p25Networks } from '@relay/core/modes/p25/links';
import { rows } from '@relay/core/plan/table';
import type { Profile, Site } from '@relay/core/plan/types';
import { ChoiceField } from '../../parts';
import { usePlanStore } from '../../sync/plan-store';

const props = defineProps<{ site: Site; profile: Profile }>();
const emit = defineEmits<{ change: [label: string, recipe: (profile: Profile) => void] }>();
const store = usePlanStore();
const NONE = 'none';
const options = computed(() => {
  const listed = p25Networks(store.plan!).filter((one) => props.site.p25?.networkIds.includes(one.id)).flatMap((network) => rows(network.groups).map((group) => ({ value: String(group.number), label: `${group.number} · ${group.name}` })));
  const set = props.profile.p25.startGroup;
  return [{ value: NONE, label: 'nothing' }, ...listed, ...(set !== null && !listed.some((one) => one.value === String(set)) ? [{ value: String(set), label: `${set} · in no list` }] : [])];
});
</script>

<template>
  <ChoiceField label="Group at start" :value="profile.p25.startGroup === null ? NONE : String(profile.p25.startGroup)" :options="options" @choose="(value) => emit('change', 'group at start', (one) => void (one.p25.startGroup = value === NONE ? null : Number(value)))" />
</template>
