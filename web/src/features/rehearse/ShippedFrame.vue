<script setup lang="ts">
/** A list beside what is chosen of it, once what ships is there. */
import { nextTick, onMounted, ref, shallowRef, useTemplateRef } from 'vue';
import { type Shipped, shippedScenarios } from './scenarios';

defineProps<{ label: string }>();
const shipped = shallowRef<Shipped | null>(null);
const problem = ref('');
const list = useTemplateRef<HTMLElement>('list');

async function load(): Promise<void> {
  problem.value = '';
  try {
    shipped.value = await shippedScenarios();
    await nextTick();
    list.value?.querySelector('[aria-current]')?.scrollIntoView({ block: 'nearest' });
  } catch (error) {
    problem.value = `The practice station could not be loaded: ${(error as Error).message}`;
  }
}
onMounted(load);
</script>

<template>
  <p v-if="problem" class="is-broken body" role="alert">
    {{ problem }} <el-button size="small" @click="load">Try again</el-button>
  </p>
  <p v-else-if="!shipped" class="soft body" role="status">The practice station is set up…</p>
  <div v-else class="body beside">
    <nav ref="list" :aria-label="label"><slot name="list" v-bind="shipped" /></nav>
    <slot v-bind="shipped" />
  </div>
</template>

<style scoped>
.body {
  padding: 0 20px 24px;
}

.beside {
  display: grid;
  grid-template-columns: 260px minmax(0, 1fr);
  gap: 24px;
  align-items: start;
}

nav {
  position: sticky;
  top: 8px;
  max-height: calc(100vh - 150px);
  overflow: auto;
}

nav :deep(ul),
nav :deep(ol) {
  display: grid;
  margin: 8px 0 0;
  padding: 0;
  list-style: none;
}

nav :deep(li a) {
  display: block;
  padding: 6px 8px;
  color: var(--ink);
  text-decoration: none;
  border-left: 3px solid transparent;
}

nav :deep(li a[aria-current]) {
  background: var(--yellow-pale);
  border-left-color: var(--yellow);
}

@media (max-width: 900px) {
  .body {
    padding: 0 12px 20px;
  }

  .beside {
    grid-template-columns: minmax(0, 1fr);
  }

  nav {
    position: static;
    max-height: 220px;
  }
}
</style>
