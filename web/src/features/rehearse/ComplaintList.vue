<script setup lang="ts">
/** What people complain of: choose one, see it happen, and see it cured. */
import { computed, onMounted, ref, shallowRef } from 'vue';
import { EmptyState } from '../../fields';
import ScenarioRuns from './ScenarioRuns.vue';
import { type Shipped, shippedScenarios } from './scenarios';

const props = defineProps<{ planId: string; scenarioId: string | undefined }>();
const shipped = shallowRef<Shipped | null>(null);
const problem = ref('');

async function load(): Promise<void> {
  problem.value = '';
  try {
    shipped.value = await shippedScenarios();
  } catch (error) {
    problem.value = `The scenarios could not be loaded: ${(error as Error).message}`;
  }
}
onMounted(load);

const sought = ref('');
const found = computed(() => {
  const words = sought.value.toLowerCase().split(/\s+/).filter(Boolean);
  return (shipped.value?.scenarios ?? []).filter((one) => {
    const text = `${one.complaint} ${one.why} ${one.cure.words}`.toLowerCase();
    return words.every((word) => text.includes(word));
  });
});
const chosen = computed(
  () =>
    shipped.value?.scenarios.find(({ id }) => id === props.scenarioId) ??
    (props.scenarioId ? null : found.value[0]) ??
    null,
);
</script>

<template>
  <p v-if="problem" class="is-broken body" role="alert">
    {{ problem }} <el-button size="small" @click="load">Try again</el-button>
  </p>
  <p v-else-if="!shipped" class="soft body" role="status">The practice station is set up…</p>
  <div v-else class="body complaints">
    <nav aria-label="Complaints">
      <el-input v-model="sought" aria-label="Seek in complaints" placeholder="Seek: room, slot, link…" clearable />
      <ul>
        <li v-for="one in found" :key="one.id">
          <router-link
            :to="{ name: 'scenario', params: { planId, scenarioId: one.id } }"
            :aria-current="one === chosen ? 'true' : undefined"
            >{{ one.complaint }}</router-link
          >
        </li>
      </ul>
      <p v-if="found.length === 0" class="soft">No complaint has these words.</p>
    </nav>
    <ScenarioRuns v-if="chosen" :key="chosen.id" :plan-id="planId" :scenario="chosen" :practice="shipped.practice" />
    <EmptyState v-else title="No such complaint">
      <p>The address names one that is not there. Choose another on the left.</p>
    </EmptyState>
  </div>
</template>

<style scoped>
.body {
  padding: 0 20px 24px;
}

.complaints {
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

ul {
  display: grid;
  margin: 8px 0 0;
  padding: 0;
  list-style: none;
}

li a {
  display: block;
  padding: 6px 8px;
  color: var(--ink);
  text-decoration: none;
  border-left: 3px solid transparent;
}

li a[aria-current] {
  background: var(--yellow-pale);
  border-left-color: var(--yellow);
}

@media (max-width: 900px) {
  .body {
    padding: 0 12px 20px;
  }

  .complaints {
    grid-template-columns: minmax(0, 1fr);
  }

  nav {
    position: static;
    max-height: 220px;
  }
}
</style>
