<script setup lang="ts" generic="T extends { id: string; name: string }">
/** The entities of a stop, to choose one; each with an address. */
import type { RouteLocationRaw } from 'vue-router';
import VirtualRows from './VirtualRows.vue';

defineProps<{
  items: readonly T[];
  chosen: string | null;
  label: string;
  to: (item: T) => RouteLocationRaw;
  detail: (item: T) => string;
  remove: (item: T) => void;
}>();
</script>

<template>
  <nav class="list" :aria-label="label">
    <VirtualRows v-slot="{ row: item, at }" as="ul" :rows="items" :key-of="(one) => one.id" :height="59" :gap="6">
      <li :data-index="at" :class="{ here: item.id === chosen }">
        <router-link :to="to(item)" :aria-current="item.id === chosen ? 'page' : undefined">
          <strong>{{ item.name }}</strong>
          <span class="soft">{{ detail(item) }}</span>
        </router-link>
        <el-button link :aria-label="`Remove ${item.name}`" @click="remove(item)">Remove</el-button>
      </li>
    </VirtualRows>
    <slot />
  </nav>
</template>

<style scoped>
.list {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 10px;
  align-content: start;
}

ul {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 6px;
  margin: 0;
  padding: 0;
  list-style: none;
}

li {
  display: flex;
  gap: 4px;
  align-items: center;
  padding: 6px 10px;
  background: var(--raised);
  border: 1px solid var(--hairline);
  border-radius: 3px;
}

li.here {
  box-shadow: inset 4px 0 0 var(--yellow);
}

a {
  display: grid;
  overflow-wrap: anywhere;
  flex: 1;
  min-width: 0;
  text-decoration: none;
}
</style>
