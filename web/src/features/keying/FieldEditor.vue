<script setup lang="ts">
/** One setting, in the order in which one presses: what opens it, how the value gets in, what ends it, what is shown. */
import { computed, ref } from 'vue';
import { asEntered } from '@relay/core/keying/entry';
import { fieldPresses } from '@relay/core/keying/presses';
import type { KeyField, KeyRoutine } from '@relay/core/plan/keying';
import { ChoiceField, TextField } from '../../fields';
import type { Taken } from '../../fields/field';
import EntryFields from './EntryFields.vue';
import { keysText, takeKeys } from './key-text';
import { fieldTitle, untilWords } from './words';

const props = defineProps<{ field: KeyField; routine: KeyRoutine }>();
const emit = defineEmits<{ change: [label: string, recipe: (field: KeyField) => void]; remove: [] }>();
const title = computed(() => fieldTitle(props.routine.stores, props.field.sets));
const change = (label: string, recipe: (field: KeyField) => void): void =>
  emit('change', `${title.value}: ${label}`, recipe);

const ALWAYS = '-';
const others = computed(() => [
  { value: ALWAYS, label: 'always' },
  ...props.routine.fields
    .filter(({ sets, entry }) => sets !== props.field.sets && entry.kind === 'turn')
    .map(({ sets }) => ({ value: sets, label: `while ${fieldTitle(props.routine.stores, sets)} is…` })),
]);

function setWhen(sets: string): void {
  const entry = props.routine.fields.find((one) => one.sets === sets)?.entry;
  const first = entry?.kind === 'turn' ? entry.choices[0]!.value : '';
  change('only while', (one) => (one.when = sets === ALWAYS ? null : { sets, is: [first] }));
}

function takeIs(text: string): Taken {
  const is = text
    .split(';')
    .map((one) => one.trim())
    .filter(Boolean);
  if (is.length === 0) return { problem: 'Found nothing, expected values with semicolons between.' };
  change('only while', (one) => void (one.when!.is = is));
  return null;
}

const sample = ref('');
/** What the sample takes on a radio of which nobody knows what it is set to. */
const tried = computed(() => {
  if (sample.value.trim() === '') return null;
  const as = asEntered(props.field.entry, sample.value.trim());
  if ('reason' in as) return as.reason;
  return fieldPresses(props.field, null, as.text)
    .map(
      ({ key, times, until }) =>
        `${key}${times > 1 ? ` ×${times}` : ''}${until === null ? '' : ` until ${untilWords(until)}`}`,
    )
    .join('  ');
});
const short =
  (most: number, put: (one: KeyField, text: string) => void, label: string) =>
  (text: string): Taken => {
    if (text.length > most) return { problem: `Found ${text.length} characters, expected at most ${most}.` };
    change(label, (one) => put(one, text.trim()));
    return null;
  };
</script>

<template>
  <section class="editor" :aria-label="title">
    <h2>{{ title }}</h2>
    <TextField
      label="Opened by"
      :value="keysText(field.begins)"
      :take="(text) => takeKeys(text, (keys) => change('opened by', (one) => void (one.begins = keys)))"
      placeholder="nothing: at rest"
      mono
    />
    <EntryFields
      :entry="field.entry"
      @change="(entry) => change('how it gets in', (one) => void (one.entry = entry))"
    />
    <TextField
      label="Ended by"
      :value="keysText(field.ends)"
      :take="(text) => takeKeys(text, (keys) => change('ended by', (one) => void (one.ends = keys)))"
      placeholder="nothing: by itself"
      mono
    />
    <TextField
      label="Then it shows"
      :value="field.shows"
      :take="short(80, (one, text) => (one.shows = text), 'display')"
      placeholder="{value}"
      mono
    />
    <ChoiceField label="In the menu" :value="field.when?.sets ?? ALWAYS" :options="others" @choose="setWhen" />
    <TextField v-if="field.when" label="…one of" :value="field.when.is.join('; ')" :take="takeIs" />
    <TextField
      label="What goes wrong here"
      :value="field.trap"
      :take="short(300, (one, text) => (one.trap = text), 'trap')"
      placeholder="said where it bites"
    />
    <label class="try"
      ><span>Try a value</span
      ><input v-model="sample" aria-label="Try a value" :placeholder="field.entry.kind === 'digits' ? '439.125' : ''"
    /></label>
    <p v-if="tried" class="mono tried" aria-live="polite">{{ tried }}</p>
    <el-button @click="emit('remove')">Remove this setting</el-button>
  </section>
</template>

<style scoped>
.editor {
  display: grid;
  gap: 8px;
  justify-items: stretch;
  --form-label: 150px;
}

.editor > .el-button {
  justify-self: start;
}

.try {
  display: grid;
  grid-template-columns: calc(var(--form-label) + 12px) minmax(0, 1fr);
  align-items: center;
}

.try input {
  max-width: 260px;
  height: 32px;
  padding: 0 8px;
  color: var(--ink);
  font-size: 13px;
  font-family: var(--mono);
  background: var(--raised);
  border: 1px solid var(--edge);
  border-radius: 3px;
}

.tried {
  margin: 0;
  padding: 6px 8px;
  background: var(--sunk);
  border-radius: 3px;
  white-space: pre-wrap;
}
</style>
