<script setup lang="ts">
/** What the checks say about the place that is being edited, with the press that mends it. */
import { computed } from 'vue';
import { VirtualRows } from '../fields';
import { usePlanStore } from '../sync/plan-store';
import SeeItHappen from './SeeItHappen.vue';

const props = defineProps<{ under: string[] }>();
const store = usePlanStore();
const here = computed(() =>
  (store.agreement?.findings ?? []).filter((one) =>
    props.under.some((pointer) => one.pointer === pointer || one.pointer.startsWith(`${pointer}/`)),
  ),
);
</script>

<template>
  <VirtualRows
    v-if="here.length"
    v-slot="{ row: one, at }"
    as="ul"
    :rows="here"
    :key-of="(row) => row.id"
    :height="58"
    :gap="6"
    class="findings"
    aria-label="What does not agree here"
  >
    <li :data-index="at" :class="`edge--${one.severity}`" :data-check="one.check">
      <span
        ><b :class="`is-${one.severity}`">{{ one.severity }}</b> {{ one.what }}
        <span class="soft">{{ one.why }}</span></span
      >
      <span class="acts">
        <el-button v-for="(label, i) in one.fixLabels" :key="i" size="small" @click="store.mend(one, i)">{{
          label
        }}</el-button>
        <router-link :to="{ name: 'help-check', params: { checkId: one.check } }">Why</router-link>
        <SeeItHappen :check="one.check" />
      </span>
    </li>
  </VirtualRows>
</template>

<style scoped>
.findings {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 6px;
  max-width: 820px;
  margin: 0 0 16px;
  padding: 0;
  list-style: none;
}

li {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 16px;
  align-items: center;
  justify-content: space-between;
  padding: 7px 12px;
  background: var(--raised);
  border: 1px solid var(--hairline);
  border-left-width: 4px;
  border-radius: 3px;
}

.edge--broken {
  border-left-color: var(--broken);
}

.edge--doubtful {
  border-left: 4px dashed var(--doubtful);
}

.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
}

.acts :deep(.el-button) {
  height: auto;
  min-height: 24px;
  white-space: normal;
}

.acts :deep(.el-button + .el-button) {
  margin-left: 0;
}
</style>
