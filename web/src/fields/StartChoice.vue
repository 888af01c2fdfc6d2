<script setup lang="ts">
/** What a hotspot is linked to when it starts: one of a list, nothing, or a number that is in no list any more. */
import { computed } from 'vue';
import type { PathKey } from '@relay/core/plan/patches';
import ChoiceField from './ChoiceField.vue';

const props = defineProps<{
  label: string;
  nothing: string;
  value: string | null;
  listed: readonly { value: string; label: string }[];
  /** Where its value stands in a profile. */
  at?: readonly PathKey[];
}>();
const emit = defineEmits<{ choose: [value: string | null] }>();
const NONE = 'none';
const options = computed(() => {
  const { value, listed, nothing } = props;
  const unlisted =
    value !== null && !listed.some((one) => one.value === value) ? [{ value, label: `${value} · in no list` }] : [];
  return [{ value: NONE, label: nothing }, ...listed, ...unlisted];
});
</script>

<template>
  <ChoiceField
    :label="label"
    :value="value ?? NONE"
    :options="options"
    :at="at"
    @choose="(chosen) => emit('choose', chosen === NONE ? null : chosen)"
  />
</template>
