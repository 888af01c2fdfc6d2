<script setup lang="ts">
defineProps<{ title: string }>();
</script>

<template>
  <section class="empty">
    <svg viewBox="0 0 260 24" aria-hidden="true">
      <path d="M10 12h92M158 12h92" class="line" />
      <path d="M106 3l8 5-8 5 8 5-8 5M154 3l-8 5 8 5-8 5 8 5" class="torn" />
      <circle cx="10" cy="12" r="8" />
      <circle cx="250" cy="12" r="8" />
    </svg>
    <h2>{{ title }}</h2>
    <div class="text"><slot /></div>
    <div class="acts"><slot name="acts" /></div>
  </section>
</template>

<style scoped>
.empty {
  display: grid;
  gap: 12px;
  justify-items: start;
  max-width: min(560px, calc(100% - 40px));
  margin: 24px 20px;
  padding: 24px;
  background: var(--raised);
  border: 1px solid var(--hairline);
  border-radius: 3px;
}

svg {
  width: 260px;
  height: 24px;
}

.line {
  stroke: var(--yellow-faint);
  stroke-width: 6;
}

.torn {
  fill: none;
  stroke: var(--edge);
  stroke-width: 2;
}

circle {
  fill: var(--raised);
  stroke: var(--edge);
  stroke-width: 2;
}

.text {
  max-width: 60ch;
}

.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
</style>
