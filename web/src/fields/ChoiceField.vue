<script setup lang="ts" generic="T extends string">
import { useId } from 'vue';
import type { PathKey } from '@relay/core/plan/patches';
import FieldRow from './FieldRow.vue';

defineProps<{
  label: string;
  value: T;
  options: readonly { value: T; label: string }[];
  hint?: string;
  /** Where its value stands in a profile. */
  at?: readonly PathKey[];
}>();
defineEmits<{ choose: [value: T] }>();
const id = useId();
</script>

<template>
  <FieldRow :label="label" :label-id="id" :at="at">
    <el-select
      :persistent="false"
      class="choice"
      :model-value="value"
      :aria-labelledby="id"
      :aria-label="label"
      @update:model-value="$emit('choose', $event as T)"
    >
      <el-option v-for="option in options" :key="option.value" :value="option.value" :label="option.label" />
    </el-select>
    <template v-if="hint" #notes
      ><p class="soft">{{ hint }}</p></template
    >
  </FieldRow>
</template>

<style scoped>
.choice {
  max-width: 260px;
}
</style>
