<script setup lang="ts">
/** A button that asks for a file, or for several. The same file can be given again. */
defineOptions({ inheritAttrs: false });
defineProps<{ label: string; accept?: string; primary?: boolean; multiple?: boolean }>();
const emit = defineEmits<{ pick: [file: File]; several: [files: File[]] }>();

function pick(event: Event): void {
  const input = event.target as HTMLInputElement;
  const files = [...(input.files ?? [])];
  input.value = '';
  if (files.length === 0) return;
  emit('pick', files[0]!);
  emit('several', files);
}
</script>

<template>
  <label class="el-button pick" :class="{ 'el-button--primary': primary }"
    ><slot /><input
      v-bind="$attrs"
      type="file"
      class="visually-hidden"
      :accept="accept"
      :multiple="multiple"
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
