<script setup lang="ts">
/** One exercise: its goal, how far one has come, what went wrong when, hints, and the radio to do it with. */
import { computed, ref, shallowRef, watch } from 'vue';
import { type Exercise, progressOf } from '@relay/core/rehearse/exercise';
import { castOf, stationOf } from '@relay/core/rehearse/scenario';
import type { Plan } from '@relay/core/plan/types';
import type { Happening } from '@relay/core/rehearse/types';
import { clock } from '@relay/core/rehearse/words';
import LiveRun from './LiveRun.vue';

const props = defineProps<{ exercise: Exercise; practice: Plan; doneOn: string | null }>();
const emit = defineEmits<{ passed: [] }>();

const plan = computed(() => stationOf(props.exercise, props.practice));
const cast = computed(() => castOf(props.exercise));
const happened = shallowRef<readonly Happening[]>([]);
const progress = computed(() => progressOf(props.exercise, happened.value));
watch(
  () => progress.value.state,
  (state) => state === 'passed' && emit('passed'),
);
const hints = ref(0);
</script>

<template>
  <article class="exercise">
    <header>
      <h2>{{ exercise.goal }}</h2>
      <p v-if="doneOn && progress.state !== 'passed'" class="soft">Passed on {{ doneOn }}.</p>
    </header>
    <div class="beside">
      <ol aria-label="Steps">
        <li
          v-for="(step, at) in exercise.steps"
          :key="at"
          :class="{ met: progress.metMs[at] !== undefined }"
          :aria-current="at === progress.metMs.length && progress.state === 'under way' ? 'step' : undefined"
        >
          {{ step.words }}
          <span v-if="progress.metMs[at] !== undefined" class="is-whole"
            >done at <span class="mono">{{ clock(progress.metMs[at]!) }}</span></span
          >
        </li>
      </ol>
      <div>
        <ul v-if="progress.slips.length" class="is-broken" aria-label="What went wrong">
          <li v-for="(slip, at) in progress.slips.slice(-4)" :key="at">
            <span class="mono">{{ clock(slip.atMs) }}</span> {{ slip.words }}
          </li>
        </ul>
        <ul v-if="hints > 0" aria-label="Hints">
          <li v-for="hint in exercise.hints.slice(0, hints)" :key="hint">{{ hint }}</li>
        </ul>
        <el-button
          v-if="hints < exercise.hints.length && progress.state !== 'passed'"
          size="small"
          @click="hints += 1"
          >{{ hints === 0 ? 'A hint' : 'Another hint' }}</el-button
        >
      </div>
    </div>
    <p role="status">
      <strong v-if="progress.state === 'passed'" class="is-whole" data-testid="passed"
        >Passed. It is kept with this plan.</strong
      >
      <strong v-else-if="progress.state === 'failed'" class="is-broken" data-testid="failed"
        >Not this time. “Begin anew” starts the exercise again.</strong
      >
    </p>
    <LiveRun
      :plan="plan"
      :cast="cast"
      :seed="exercise.seed"
      :world="exercise.world"
      :radio="exercise.radio"
      @happened="happened = [...$event]"
      @anew="happened = []"
    />
  </article>
</template>

<style scoped>
.exercise {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 10px;
}

.beside {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(280px, 1fr));
  gap: 8px 24px;
}

h2,
p,
ol,
ul {
  margin: 0;
}

ol,
ul {
  padding-left: 20px;
}

li[aria-current] {
  font-weight: 600;
}

.mono {
  font-family: var(--mono);
}
</style>
