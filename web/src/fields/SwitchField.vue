<script setup lang="ts">
/** A switch with the sentence that it makes true. `label`: what it is called where the sentence is not read along. */
import type { PathKey } from '@relay/core/plan/patches';
import SourceMark from './SourceMark.vue';

const props = defineProps<{
  label: string;
  on: boolean;
  /** Where its value stands in a profile. */
  at?: readonly PathKey[];
}>();
const emit = defineEmits<{ change: [on: boolean] }>();

/** The words switch it as well, but for a button or a link among them. */
function pressed(event: MouseEvent): void {
  if (!(event.target as HTMLElement).closest('button, a, input')) emit('change', !props.on);
}
</script>

<template>
  <div class="switch">
    <el-switch :model-value="on" :aria-label="label" @update:model-value="$emit('change', $event === true)" />
    <span class="words" @click="pressed"
      ><slot>{{ label }}</slot></span
    ><SourceMark v-if="at" :at="at" :label="label" />
  </div>
</template>

<style scoped>
.words {
  cursor: pointer;
}

.switch > .words {
  flex: 1 1 200px;
  min-width: 0;
}
</style>
