<script setup lang="ts">
/** How a value gets in: by digits, out of a list, letter by letter. */
import { blankEntry } from '@relay/core/keying/blank';
import type { KeyEntry } from '@relay/core/plan/keying';
import { ChoiceField, SwitchField, TextField } from '../../fields';
import { takeWhole, type Taken } from '../../fields/field';
import { choicesText, lettersText, takeChoices, takeKey, takeLetters, takeTaps, tapsText } from './key-text';

const props = defineProps<{ entry: KeyEntry }>();
const emit = defineEmits<{ change: [entry: KeyEntry] }>();

const KINDS: readonly { value: KeyEntry['kind']; label: string }[] = [
  { value: 'digits', label: 'its digits are typed' },
  { value: 'turn', label: 'stepped through a list' },
  { value: 'letters', label: 'letters, each stepped to' },
  { value: 'taps', label: 'letters, by presses of a key' },
];
const put = (change: object): void => emit('change', { ...props.entry, ...change } as KeyEntry);

function takePrevious(text: string): Taken {
  if (text.trim() !== '') return takeKey(text, (previous) => put({ previous }));
  put({ previous: null });
  return null;
}
</script>

<template>
  <ChoiceField
    label="How it gets in"
    :value="entry.kind"
    :options="KINDS"
    @choose="emit('change', blankEntry($event))"
  />
  <template v-if="entry.kind === 'digits'">
    <TextField
      label="Digits before the point"
      :value="String(entry.before)"
      :take="(text) => takeWhole(text, 1, 10, (before) => put({ before }))"
      mono
    />
    <TextField
      label="Digits behind it"
      :value="String(entry.behind)"
      :take="(text) => takeWhole(text, 0, 6, (behind) => put({ behind }))"
      mono
    />
  </template>
  <template v-else-if="entry.kind === 'taps'">
    <TextField
      label="Keys and their letters"
      :value="tapsText(entry.keys)"
      :take="(text) => takeTaps(text, (keys) => put({ keys }))"
      mono
    />
  </template>
  <template v-else>
    <TextField
      label="Key to the next"
      :value="entry.next"
      :take="(text) => takeKey(text, (next) => put({ next }))"
      mono
    />
    <TextField label="Key back" :value="entry.previous ?? ''" :take="takePrevious" placeholder="none" mono />
  </template>
  <template v-if="entry.kind === 'turn'">
    <SwitchField label="After the last" :on="entry.wraps" @change="(wraps) => put({ wraps })"
      >comes the first again</SwitchField
    >
    <TextField
      label="The list"
      :value="choicesText(entry.choices)"
      :take="(text) => takeChoices(text, (choices) => put({ choices }))"
    />
  </template>
  <TextField
    v-if="entry.kind === 'letters'"
    label="Letters in their order"
    :value="lettersText(entry.letters)"
    :take="(text) => takeLetters(text, (letters) => put({ letters }))"
    mono
  />
  <template v-if="entry.kind === 'letters' || entry.kind === 'taps'">
    <TextField
      label="Key to the next place"
      :value="entry.forward"
      :take="(text) => takeKey(text, (forward) => put({ forward }))"
      mono
    />
    <TextField
      label="Places"
      :value="String(entry.places)"
      :take="(text) => takeWhole(text, 1, 60, (places) => put({ places }))"
      mono
    />
  </template>
</template>
