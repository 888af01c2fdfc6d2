<script setup lang="ts">
/** The steps of a radio's power, the least first. Channels name them: they follow a step that is renamed or removed. */
import { nextTick, ref, useTemplateRef } from 'vue';
import { MOST_STEPS, STEP_NAME, stepOf } from '@relay/core/plan/power';
import type { Plan, PowerStep, Radio } from '@relay/core/plan/types';
import { removeStep, renameStep, sortSteps } from '@relay/core/radios/power-steps';
import { FieldGroup, NewCell, TextField } from '../../fields';
import { saysNothing, takeNumber, type Taken } from '../../fields/field';
import { usePlanStore } from '../../sync/plan-store';

const props = defineProps<{ radio: Radio }>();
const store = usePlanStore();

const LEAST_W = 0.001;
const MOST_W = 2000;

function edit(label: string, recipe: (radio: Radio, draft: Plan) => void): void {
  store.edit(`${props.radio.name}: ${label}`, (draft) => recipe(draft.radios.byId[props.radio.id]!, draft));
}

/** Why a name cannot be that of a step, beside the others. */
function refusedName(text: string, but?: PowerStep): Taken {
  const name = text.trim();
  if (name === '' || name.length > STEP_NAME)
    return { problem: `Found ${name.length} characters, expected a name of 1 to ${STEP_NAME}.` };
  const same = stepOf(props.radio, name);
  return same && same !== but ? { problem: `Found “${name}”, expected a name that no other step has.` } : null;
}

const takeName = (step: PowerStep) => (text: string) => {
  const refused = refusedName(text, step);
  if (refused) return refused;
  edit(`${step.name} power is called ${text.trim()}`, (_, draft) =>
    renameStep(draft, props.radio.id, step.name, text.trim()),
  );
  return null;
};

const takeWatts = (at: number) => (text: string) => {
  const put = (watts: number | null) =>
    edit(`${props.radio.power[at]!.name} power`, (radio) => {
      radio.power[at]!.watts = watts;
      sortSteps(radio);
    });
  if (!saysNothing(text)) return takeNumber(text, LEAST_W, MOST_W, put);
  put(null);
  return null;
};

const isSorted = (at: number) => at === 0 || props.radio.power[at - 1]!.watts !== null;

const lower = (at: number) =>
  edit(`${props.radio.power[at]!.name} power is less`, ({ power }) => power.splice(at - 1, 0, ...power.splice(at, 1)));

const name = ref('');
const watts = ref('');
const problem = ref('');
const fresh = useTemplateRef('fresh');

function add(): void {
  const refused = refusedName(name.value);
  let said: number | null = null;
  const wrong =
    refused ??
    (props.radio.power.length >= MOST_STEPS ? { problem: `A radio has at most ${MOST_STEPS} steps.` } : null) ??
    (saysNothing(watts.value) ? null : takeNumber(watts.value, LEAST_W, MOST_W, (value) => (said = value)));
  problem.value = wrong?.problem ?? '';
  if (wrong) return;
  edit(`${name.value.trim()} power`, (radio) => {
    radio.power.push({ name: name.value.trim(), watts: said });
    sortSteps(radio);
  });
  name.value = watts.value = '';
  void nextTick(() => fresh.value?.focus());
}

const removed = (step: PowerStep) =>
  edit(`no ${step.name} power`, (_, draft) => removeStep(draft, props.radio.id, step.name));
</script>

<template>
  <FieldGroup title="Power">
    <p v-if="radio.power.length === 0" class="soft">
      Not known. Once its steps are said, channels choose among them, and beside a hotspot the least is taken.
    </p>
    <table class="plain">
      <thead>
        <tr>
          <th scope="col">Step, the least first</th>
          <th scope="col">W</th>
          <th scope="col"><span class="visually-hidden">Acts</span></th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="(step, at) in radio.power" :key="step.name">
          <td>
            <TextField bare :label="`Name of step ${at + 1}`" :value="step.name" :take="takeName(step)" />
          </td>
          <td class="watts">
            <TextField
              bare
              :label="`Watts of ${step.name}`"
              :value="step.watts === null ? '' : String(step.watts)"
              :take="takeWatts(at)"
              placeholder="not known"
              mono
            />
          </td>
          <td class="acts">
            <el-button
              v-if="at > 0 && (step.watts === null || !isSorted(at))"
              link
              :aria-label="`${step.name} is less`"
              @click="lower(at)"
              >Earlier</el-button
            >
            <el-button link :aria-label="`Remove ${step.name}`" @click="removed(step)">Remove</el-button>
          </td>
        </tr>
        <tr>
          <NewCell ref="fresh" v-model="name" label="Name of a further step" placeholder="name" @add="add" />
          <NewCell v-model="watts" label="Its watts" placeholder="not known" mono @add="add" />
          <td><el-button @click="add">Add</el-button></td>
        </tr>
      </tbody>
    </table>
    <p v-if="problem" role="alert" class="is-broken">{{ problem }}</p>
    <p class="soft">Keep aerials away from people and obey your country’s limits on RF exposure.</p>
  </FieldGroup>
</template>

<style scoped>
table {
  max-width: 560px;
}

.watts {
  width: 110px;
}

.acts {
  white-space: nowrap;
}
</style>
