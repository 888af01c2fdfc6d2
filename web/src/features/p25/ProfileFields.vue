<script setup lang="ts">
/** Which talk group a hotspot links to when it starts. */
import { computed } from 'vue';
import { p25Networks } from '@relay/core/modes/p25/links';
import { rows } from '@relay/core/plan/table';
import type { ProfileValues, Site } from '@relay/core/plan/types';
import { StartChoice } from '../../fields';
import { usePlanStore } from '../../sync/plan-store';

const props = defineProps<{ site: Site; profile: ProfileValues }>();
const emit = defineEmits<{ change: [label: string, recipe: (profile: ProfileValues) => void] }>();
const store = usePlanStore();
const listed = computed(() =>
  p25Networks(store.plan!)
    .filter((one) => props.site.p25?.networkIds.includes(one.id))
    .flatMap((network) =>
      rows(network.groups).map((group) => ({ value: String(group.number), label: `${group.number} · ${group.name}` })),
    ),
);
const set = computed(() => (props.profile.p25.startGroup === null ? null : String(props.profile.p25.startGroup)));
const choose = (value: string | null) =>
  emit('change', 'group at start', (one) => void (one.p25.startGroup = value === null ? null : Number(value)));
</script>

<template>
  <StartChoice
    label="Group at start"
    nothing="nothing"
    :value="set"
    :listed="listed"
    :at="['p25', 'startGroup']"
    @choose="choose"
  />
</template>
