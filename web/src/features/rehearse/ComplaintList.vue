<script setup lang="ts">
/** What people complain of: choose one, see it happen, and see it cured. */
import { ref } from 'vue';
import type { Scenario } from '@relay/core/rehearse/scenario';
import { useRouter } from 'vue-router';
import { EmptyState, FilePick } from '../../fields';
import { api } from '../../sync/api';
import ScenarioRuns from './ScenarioRuns.vue';
import { opened } from './scenarios';
import ShippedFrame from './ShippedFrame.vue';

const props = defineProps<{ planId: string; scenarioId: string | undefined }>();
const sought = ref('');

function found(scenarios: readonly Scenario[]): Scenario[] {
  const words = sought.value.toLowerCase().split(/\s+/).filter(Boolean);
  return scenarios.filter((one) => {
    const text = `${one.complaint} ${one.why} ${one.cure.words}`.toLowerCase();
    return words.every((word) => text.includes(word));
  });
}
/** What was opened comes first. */
const all = (scenarios: readonly Scenario[]): readonly Scenario[] => [...opened.value, ...scenarios];
const chosen = (scenarios: readonly Scenario[]): Scenario | undefined =>
  props.scenarioId ? all(scenarios).find(({ id }) => id === props.scenarioId) : found(all(scenarios))[0];

const router = useRouter();
const problem = ref('');
/** The server says whether it can be rehearsed; it is kept nowhere but here. */
async function open(file: File): Promise<void> {
  problem.value = '';
  try {
    const scenario = JSON.parse(await file.text()) as Scenario;
    await api.checkScenario(scenario);
    const mine = { ...scenario, id: `file-${scenario.id}` };
    opened.value = [mine, ...opened.value.filter(({ id }) => id !== mine.id)];
    await router.push({ name: 'scenario', params: { planId: props.planId, scenarioId: mine.id } });
  } catch (error) {
    problem.value = `${file.name} was not opened: ${(error as Error).message}`;
  }
}
</script>

<template>
  <ShippedFrame label="Complaints">
    <template #list="{ scenarios }">
      <el-input v-model="sought" aria-label="Seek in complaints" placeholder="Seek: room, slot, link…" clearable />
      <ul>
        <li v-for="one in found(all(scenarios))" :key="one.id">
          <router-link
            :to="{ name: 'scenario', params: { planId, scenarioId: one.id } }"
            :aria-current="one === chosen(scenarios) ? 'true' : undefined"
            >{{ one.complaint }}</router-link
          >
        </li>
      </ul>
      <p v-if="problem" class="is-broken" role="alert">{{ problem }}</p>
      <p>
        <FilePick label="Scenario from a file" accept=".json" @pick="open">Open a file</FilePick>
      </p>
      <p v-if="found(all(scenarios)).length === 0" class="soft">No complaint has these words.</p>
    </template>
    <template #default="{ scenarios, practice }">
      <ScenarioRuns
        v-if="chosen(scenarios)"
        :key="chosen(scenarios)!.id"
        :plan-id="planId"
        :scenario="chosen(scenarios)!"
        :practice="practice"
      />
      <EmptyState v-else title="No such complaint">
        <p>The address names one that is not there. Choose another on the left.</p>
      </EmptyState>
    </template>
  </ShippedFrame>
</template>
