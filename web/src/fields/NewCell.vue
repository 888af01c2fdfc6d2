<script setup lang="ts">
/** A cell of the row below a table in which one more is typed; Enter adds it. */
import { useTemplateRef } from 'vue';

defineProps<{
  label: string;
  placeholder: string;
  mono?: boolean;
  inputmode?: 'numeric';
  maxlength?: number;
}>();
const emit = defineEmits<{ add: [] }>();
const text = defineModel<string>({ required: true });
const box = useTemplateRef<HTMLInputElement>('box');
defineExpose({ focus: () => box.value?.focus() });
</script>

<template>
  <td>
    <input
      ref="box"
      v-model="text"
      :class="{ mono }"
      :aria-label="label"
      :placeholder="placeholder"
      :inputmode="inputmode"
      :maxlength="maxlength"
      @keydown.enter="emit('add')"
    />
  </td>
</template>

<style scoped>
input {
  width: 100%;
  height: 32px;
  padding: 0 8px;
  color: var(--ink);
  background: var(--raised);
  border: 1px dashed var(--edge);
  border-radius: 3px;
  font-size: 13px;
}

input:not(.mono) {
  font-family: inherit;
}
</style>
