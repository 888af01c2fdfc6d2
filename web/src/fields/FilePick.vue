<script setup lang="ts">
/** A button that asks for a file. The same file can be given again. */
defineOptions({ inheritAttrs: false });
defineProps<{ label: string; accept?: string; primary?: boolean }>();
const emit = defineEmits<{ pick: [file: File] }>();

function pick(event: Event): void {
  const input = event.target as HTMLInputElement;
  const file = input.files?.[0];
  input.value = '';
  if (file) emit('pick', file);
}
</script>

<template>
  <label class="el-button pick" :class="{ 'el-button--primary': primary }"
    ><slot /><input
      v-bind="$attrs"
      type="file"
      class="visually-hidden"
      :accept="accept"
      :aria-label="label"
      @change="pick"
  /></label>
</template>

<style scoped>
.pick {
  position: relative;
}

.pick:focus-within {
  outline: 2px solid var(--ink);
  outline-offset: 2px;
}
</style>
