<script setup lang="ts">
/** Exercises on simulated radios, in rising order; results are kept with the plan. */
import { doneId, type Exercise, exerciseOf } from '@relay/core/rehearse/exercise';
import { EmptyState } from '../../fields';
import { usePlanStore } from '../../sync/plan-store';
import ExerciseRun from './ExerciseRun.vue';
import { opened, type Shipped } from './scenarios';
import ShippedFrame from './ShippedFrame.vue';

const props = defineProps<{ planId: string; exerciseId: string | undefined }>();
const store = usePlanStore();
const isDone = (exercise: Exercise) => doneId(exercise) in store.plan!.done;

/** The first that is not passed yet; it stays when it is. */
let begun: string | undefined;

/** One that ships, or one that is made of a complaint. */
function chosen({ exercises, scenarios }: Shipped): Exercise | undefined {
  begun ??= (exercises.find((one) => !isDone(one)) ?? exercises[0])?.id;
  const id = props.exerciseId ?? begun;
  const scenario = [...opened.value, ...scenarios].find((one) => id === `scenario-${one.id}`);
  return scenario ? exerciseOf(scenario) : exercises.find((one) => one.id === id);
}

function keep(exercise: Exercise): void {
  if (isDone(exercise)) return;
  const today = new Date().toISOString().slice(0, 10);
  store.edit(`exercise passed: ${exercise.goal}`, (draft) => {
    draft.done[doneId(exercise)] = { on: today, note: '' };
  });
}
</script>

<template>
  <ShippedFrame label="Exercises">
    <template #list="shipped">
      <ol>
        <li v-for="(one, at) in shipped.exercises" :key="one.id">
          <router-link
            :to="{ name: 'exercise', params: { planId, exerciseId: one.id } }"
            :aria-current="one.id === chosen(shipped)?.id ? 'true' : undefined"
            >{{ at + 1 }}. {{ one.goal }} <b v-if="isDone(one)" class="is-whole">passed</b></router-link
          >
        </li>
      </ol>
      <p class="soft">Any complaint can be practised too: open it, and press “Practise this”.</p>
    </template>
    <template #default="shipped">
      <ExerciseRun
        v-if="chosen(shipped)"
        :key="chosen(shipped)!.id"
        :exercise="chosen(shipped)!"
        :practice="shipped.practice"
        :done-on="store.plan!.done[doneId(chosen(shipped)!)]?.on ?? null"
        @passed="keep(chosen(shipped)!)"
      />
      <EmptyState v-else title="No such exercise">
        <p>The address names one that is not there. Choose another on the left.</p>
      </EmptyState>
    </template>
  </ShippedFrame>
</template>
