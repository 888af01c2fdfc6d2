<script setup lang="ts">
/** One kind of memory: how one gets there, and how what is set is written. */
import { type KeyRoutine, OFFERS } from '@relay/core/plan/keying';
import { ChoiceField, TextField } from '../../fields';
import { saysNothing, takeWhole, type Taken } from '../../fields/field';
import { keysText, takeKey, takeKeys } from './key-text';
import { storeTitle } from './words';

const props = defineProps<{ routine: KeyRoutine }>();
const emit = defineEmits<{ change: [label: string, recipe: (routine: KeyRoutine) => void]; remove: [] }>();
const change = (label: string, recipe: (routine: KeyRoutine) => void): void =>
  emit('change', `${storeTitle(props.routine.stores)}: ${label}`, recipe);

const OFFER_WORDS: Record<(typeof OFFERS)[number], string> = {
  'first free': 'the first that is free',
  'one after the last': 'the one after the last written',
  'the last': 'the last written',
};
const ENTRIES = [
  { value: 'digits', label: 'its digits are typed' },
  { value: 'turn', label: 'stepped to' },
] as const;

function setEntry(kind: 'digits' | 'turn'): void {
  const entry: KeyRoutine['write']['entry'] =
    kind === 'digits' ? { kind, places: 3 } : { kind, next: 'UP', previous: 'DOWN' };
  change('number', (one) => void (one.write.entry = entry));
}

function takeTimeOut(text: string): Taken {
  const put = (seconds: number | null) => change('gives up', (one) => void (one.write.timeOutS = seconds));
  if (!saysNothing(text)) return takeWhole(text, 1, 600, put);
  put(null);
  return null;
}

function takeTrap(text: string): Taken {
  if (text.length > 300) return { problem: `Found ${text.length} characters, expected at most 300.` };
  change('trap', (one) => void (one.write.trap = text.trim()));
  return null;
}
type TurnKey = { next: string; previous: string };
const setTurn = (key: keyof TurnKey, name: string) =>
  change('number', (one) => void ((one.write.entry as TurnKey)[key] = name));
</script>

<template>
  <section class="editor" :aria-label="storeTitle(routine.stores)">
    <h2>{{ storeTitle(routine.stores) }}</h2>
    <TextField
      label="Gone to by"
      :value="keysText(routine.opens)"
      :take="(text) => takeKeys(text, (keys) => change('gone to by', (one) => void (one.opens = keys)))"
      placeholder="nothing: it rests here"
      mono
    />
    <TextField
      label="Left by"
      :value="keysText(routine.closes)"
      :take="(text) => takeKeys(text, (keys) => change('left by', (one) => void (one.closes = keys)))"
      placeholder="nothing"
      mono
    />
    <TextField
      label="Writing begins by"
      :value="keysText(routine.write.begins)"
      :take="(text) => takeKeys(text, (keys) => change('writing', (one) => void (one.write.begins = keys)))"
      mono
    />
    <ChoiceField
      label="It offers memory"
      :value="routine.write.offers"
      :options="OFFERS.map((value) => ({ value, label: OFFER_WORDS[value] }))"
      @choose="(offers) => change('offers', (one) => void (one.write.offers = offers))"
    />
    <ChoiceField label="Another number" :value="routine.write.entry.kind" :options="ENTRIES" @choose="setEntry" />
    <TextField
      v-if="routine.write.entry.kind === 'digits'"
      label="Digits of a number"
      :value="String(routine.write.entry.places)"
      :take="
        (text) =>
          takeWhole(text, 1, 6, (places) =>
            change('number', (one) => void (one.write.entry = { kind: 'digits', places })),
          )
      "
      mono
    />
    <template v-else>
      <TextField
        label="Key to the next"
        :value="routine.write.entry.next"
        :take="(text) => takeKey(text, (key) => setTurn('next', key))"
        mono
      />
      <TextField
        label="Key back"
        :value="routine.write.entry.previous"
        :take="(text) => takeKey(text, (key) => setTurn('previous', key))"
        mono
      />
    </template>
    <TextField
      label="Written by"
      :value="keysText(routine.write.ends)"
      :take="(text) => takeKeys(text, (keys) => change('written by', (one) => void (one.write.ends = keys)))"
      placeholder="nothing: at once"
      mono
    />
    <TextField
      label="Emptied by"
      :value="keysText(routine.erases)"
      :take="(text) => takeKeys(text, (keys) => change('emptied by', (one) => void (one.erases = keys)))"
      placeholder="not known"
      mono
    />
    <TextField
      label="Gives up after"
      :value="routine.write.timeOutS === null ? '' : String(routine.write.timeOutS)"
      :take="takeTimeOut"
      placeholder="not known"
      unit="s"
      mono
    />
    <TextField
      label="What goes wrong here"
      :value="routine.write.trap"
      :take="takeTrap"
      placeholder="said where it bites"
    />
    <TextField
      label="First memory"
      :value="String(routine.first)"
      :take="(text) => takeWhole(text, 0, 9999, (first) => change('first memory', (one) => void (one.first = first)))"
      mono
    />
    <TextField
      label="Last memory"
      :value="String(routine.last)"
      :take="(text) => takeWhole(text, 0, 9999, (last) => change('last memory', (one) => void (one.last = last)))"
      mono
    />
    <el-button @click="emit('remove')">Remove these memories</el-button>
  </section>
</template>

<style scoped>
.editor {
  display: grid;
  gap: 8px;
  --form-label: 150px;
}

.editor > .el-button {
  justify-self: start;
}
</style>
