<script setup lang="ts">
/** A switch with the sentence that it makes true. `label`: what it is called where the sentence is not read along. */
defineProps<{ label: string; on: boolean }>();
defineEmits<{ change: [on: boolean] }>();
</script>

<template>
  <div class="switch">
    <el-switch :model-value="on" :aria-label="label" @update:model-value="$emit('change', $event === true)" />
    <span
      ><slot>{{ label }}</slot></span
    >
  </div>
</template>

<style scoped>
.switch > span {
  flex: 1 1 240px;
  min-width: 0;
}
</style>
