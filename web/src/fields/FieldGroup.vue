<script setup lang="ts">
import { useId } from 'vue';

defineProps<{
  title: string;
  /** It holds a table, and takes the width of the page. */
  wide?: boolean;
}>();
const id = useId();
</script>

<template>
  <section class="group" :class="{ 'is-wide': wide }" :aria-labelledby="id">
    <h2 :id="id">{{ title }}</h2>
    <div class="fields"><slot /></div>
  </section>
</template>

<style scoped>
.group {
  padding: 14px 0 16px;
  border-top: 1px solid var(--hairline);
}

.group:first-child {
  padding-top: 0;
  border-top: 0;
}

.fields {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 10px;
  margin-top: 10px;
}
</style>
