<script setup lang="ts">
/** What the radio holds before the first press, and which channels its home key and quick keys lead to. */
import { computed } from 'vue';
import { HOLDINGS, type Holding } from '@relay/core/keying/radio-sheet';
import { rows } from '@relay/core/plan/table';
import type { Radio } from '@relay/core/plan/types';
import { ChoiceField } from '../../fields';
import { usePlanStore } from '../../sync/plan-store';

const props = defineProps<{
  radio: Radio;
  /** The day on which it was written last; `null`: never. */
  writtenAt: string | null;
}>();
const holding = defineModel<Holding>('holding', { required: true });
const store = usePlanStore();
const codeplug = computed(() => store.plan!.codeplugs[props.radio.id]!);

const NONE = '-';
const channelOptions = computed(() => [
  { value: NONE, label: 'none' },
  ...rows(codeplug.value.channels).map(({ id, name }) => ({ value: id, label: name })),
]);
const routineOf = (stores: string) => props.radio.keying?.routines.find((one) => one.stores === stores);
/** The names of its quick keys, as its description lists them. */
const quickKeys = computed(() => {
  const entry = routineOf('quick')?.fields.find(({ sets }) => sets === 'key')?.entry;
  return entry?.kind === 'turn' ? entry.choices.map(({ value }) => value) : [];
});

function setHome(id: string): void {
  store.edit('home channel', (draft) => void (draft.codeplugs[props.radio.id]!.homeId = id === NONE ? null : id));
}

function setQuick(key: string, id: string): void {
  store.edit(`quick key ${key}`, (draft) => {
    const keys = draft.codeplugs[props.radio.id]!.quickKeys;
    if (id === NONE) delete keys[key];
    else keys[key] = id;
  });
}

const HOLDING_WORDS: Record<Holding, string> = {
  written: 'what was written last',
  nothing: 'nothing: it was reset',
  'not known': 'nobody knows',
};
const holdings = computed(() =>
  HOLDINGS.filter((one) => one !== 'written' || props.writtenAt).map((value) => ({
    value,
    label: value === 'written' ? `${HOLDING_WORDS.written}, ${props.writtenAt}` : HOLDING_WORDS[value],
  })),
);
</script>

<template>
  <section class="choices" aria-label="What is keyed">
    <ChoiceField label="It holds now" :value="holding" :options="holdings" @choose="holding = $event" />
    <ChoiceField
      v-if="routineOf('home')"
      label="Home channel"
      :value="codeplug.homeId ?? NONE"
      :options="channelOptions"
      @choose="setHome"
    />
    <ChoiceField
      v-for="key in quickKeys"
      :key="key"
      :label="`Quick key ${key}`"
      :value="codeplug.quickKeys[key] ?? NONE"
      :options="channelOptions"
      @choose="(id) => setQuick(key, id)"
    />
  </section>
</template>

<style scoped>
.choices {
  display: grid;
  gap: 8px;
  --form-label: 110px;
}
</style>
