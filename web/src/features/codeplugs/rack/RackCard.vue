<script setup lang="ts">
/** A zone or list of the rack: its name, how full it is, and what is in it once it is opened. */
import { computed } from 'vue';

const props = defineProps<{
  /** `Zone`, `Scan list`. */
  what: string;
  name: string;
  count: number;
  /** How many the radio holds; infinite while nobody has said. */
  most: number;
  open: boolean;
}>();
const emit = defineEmits<{ toggle: [] }>();
const isKnown = computed(() => props.most !== Infinity);
</script>

<template>
  <section class="card" :class="{ over: count > most }" :aria-label="`${what} ${name}`">
    <div class="top-line">
      <button type="button" class="head" :aria-expanded="open" @click="emit('toggle')">
        <span class="name">{{ name }}</span>
        <span class="mono">{{ count }}{{ isKnown ? `/${most}` : '' }}</span>
        <span v-if="isKnown" class="gauge" aria-hidden="true"
          ><i :style="{ width: `${Math.min(100, (100 * count) / most)}%` }"
        /></span>
      </button>
      <slot name="menu" />
    </div>
    <slot name="always" />
    <slot v-if="open" />
  </section>
</template>

<style scoped>
.card {
  padding: 7px 10px;
  background: var(--raised);
  border: 1px solid var(--hairline);
  border-radius: 3px;
}

.over {
  border-color: var(--broken);
}

.top-line {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: 4px;
}

.head {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: 4px;
  padding: 0;
  color: inherit;
  background: none;
  border: 0;
  font: inherit;
  text-align: left;
  cursor: pointer;
}

.name {
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}

.gauge {
  grid-column: 1 / -1;
  height: 5px;
  background: var(--sunk);
}

.gauge i {
  display: block;
  height: 5px;
  background: var(--ink);
}

.over .gauge i {
  background: var(--broken);
}

.card :deep(.acts) {
  display: flex;
  flex-wrap: wrap;
  gap: 4px;
  margin: 4px 0;
}

.card :deep(.acts .el-button + .el-button) {
  margin-left: 0;
}
</style>
