<script setup lang="ts">
/** What people complain of: choose one, see it happen, and see it cured. */
import { ref } from 'vue';
import type { Scenario } from '@relay/core/rehearse/scenario';
import { EmptyState } from '../../fields';
import ScenarioRuns from './ScenarioRuns.vue';
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
const chosen = (scenarios: readonly Scenario[]): Scenario | undefined =>
  props.scenarioId ? scenarios.find(({ id }) => id === props.scenarioId) : found(scenarios)[0];
</script>

<template>
  <ShippedFrame label="Complaints">
    <template #list="{ scenarios }">
      <el-input v-model="sought" aria-label="Seek in complaints" placeholder="Seek: room, slot, link…" clearable />
      <ul>
        <li v-for="one in found(scenarios)" :key="one.id">
          <router-link
            :to="{ name: 'scenario', params: { planId, scenarioId: one.id } }"
            :aria-current="one === chosen(scenarios) ? 'true' : undefined"
            >{{ one.complaint }}</router-link
          >
        </li>
      </ul>
      <p v-if="found(scenarios).length === 0" class="soft">No complaint has these words.</p>
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
