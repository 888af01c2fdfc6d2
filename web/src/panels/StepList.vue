<script setup lang="ts">
/** The steps of a run sheet in order, each ticked off with its date and a note that stay in the plan. */
import type { Step } from '@relay/core/run-sheet/step';
import { TextField } from '../fields';
import type { Taken } from '../fields/field';
import { usePlanStore } from '../sync/plan-store';

defineProps<{ steps: readonly Step[] }>();
const store = usePlanStore();
const MOST_NOTE = 500;
const doneAt = (id: string) => store.plan!.done[id] ?? null;
const day = (on: string) => new Date(`${on}T12:00:00`).toLocaleDateString('en', { dateStyle: 'medium' });

function tick({ id, title }: Step, on: boolean): void {
  const today = new Date().toISOString().slice(0, 10);
  store.edit(`${on ? 'done' : 'not done'}: ${title}`, (draft) => {
    if (on) draft.done[id] = { on: today, note: '' };
    else delete draft.done[id];
  });
}

const takeNote =
  ({ id, title }: Step) =>
  (text: string): Taken => {
    if (text.length > MOST_NOTE) return { problem: `Found ${text.length} characters, expected at most ${MOST_NOTE}.` };
    store.edit(`note: ${title}`, (draft) => {
      const there = draft.done[id];
      if (there) there.note = text;
    });
    return null;
  };
</script>

<template>
  <ol class="steps">
    <li v-for="step in steps" :key="step.id" :class="{ done: doneAt(step.id) }" data-testid="step">
      <label
        ><input
          type="checkbox"
          :checked="doneAt(step.id) !== null"
          @change="tick(step, ($event.target as HTMLInputElement).checked)"
        />
        <strong>{{ step.title }}</strong><span v-if="doneAt(step.id)" class="soft">
          · done {{ day(doneAt(step.id)!.on) }}</span
        ></label
      >
      <ul>
        <li v-for="(todo, i) in step.todo" :key="i">{{ todo }}</li>
      </ul>
      <dl v-if="step.values?.length" class="values">
        <template v-for="one in step.values" :key="one.label">
          <dt>{{ one.label }}</dt>
          <dd class="mono">{{ one.text }}</dd>
        </template>
      </dl>
      <p><b>It worked when:</b> {{ step.proof }}</p>
      <template v-if="step.ifNot?.length">
        <p><b>If not:</b></p>
        <ul>
          <li v-for="(one, i) in step.ifNot" :key="i">{{ one }}</li>
        </ul>
      </template>
      <TextField
        v-if="doneAt(step.id)"
        :label="`Note on ${step.title}`"
        :value="doneAt(step.id)!.note"
        :take="takeNote(step)"
        placeholder="A note, such as what it showed"
        bare
      />
    </li>
  </ol>
</template>

<style scoped>
.steps {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 12px;
  margin: 10px 0 0;
  padding: 0;
  list-style: none;
}

.steps > li {
  padding: 10px 14px;
  background: var(--raised);
  border: 1px solid var(--hairline);
  border-left: 4px solid var(--yellow);
  border-radius: 3px;
  break-inside: avoid;
}

.steps > li.done {
  border-left-color: var(--good);
}

.steps ul {
  margin: 4px 0;
  padding-left: 24px;
}

.values {
  display: grid;
  grid-template-columns: max-content minmax(0, 1fr);
  gap: 2px 16px;
  margin: 6px 0;
  padding: 6px 10px;
  background: var(--sunk);
  border-radius: 3px;
}

.values dd {
  margin: 0;
  overflow-wrap: anywhere;
}

input[type='checkbox'] {
  width: 16px;
  height: 16px;
  margin: 0 6px 0 0;
  vertical-align: -3px;
}
</style>
