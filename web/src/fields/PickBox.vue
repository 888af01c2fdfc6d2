<script setup lang="ts">
/** One of a list that may be long, chosen where it stands. More than a dozen can be narrowed down by typing. */
import { computed } from 'vue';
import type { Pick } from './pick';

const props = defineProps<{
  value: string;
  label: string;
  options: readonly Pick[];
  placeholder?: string;
}>();
defineEmits<{ choose: [value: string] }>();
const FEW = 12;
const isLong = computed(() => props.options.length > FEW);
</script>

<template>
  <el-select-v2
    :persistent="false"
    :model-value="value"
    :options="options as Pick[]"
    :aria-label="label"
    :filterable="isLong"
    :placeholder="placeholder ?? ''"
    :empty-values="placeholder ? undefined : [null, undefined]"
    @update:model-value="$emit('choose', String($event))"
  />
</template>
