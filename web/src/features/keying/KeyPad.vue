<script setup lang="ts">
/** A key pad that does what the radio's keys do: a sheet is played on it press by press, or one presses oneself. */
import { computed, ref, shallowRef, watch } from 'vue';
import { keysOf } from '@relay/core/keying/keys-of';
import { type Pad, PadFault } from '@relay/core/keying/pad';
import { padFor, play } from '@relay/core/keying/sheet';
import type { KeyingSheet } from '@relay/core/keying/sheet';
import type { Kept } from '@relay/core/keying/values';
import type { Keying } from '@relay/core/plan/keying';
import { startsOf } from './starts';
import { fieldTitle, storeTitle, untilWords } from './words';

const props = defineProps<{
  keying: Keying;
  held: readonly Kept[] | null;
  sheet: KeyingSheet | null;
  /** The sheet is being worked out anew: what is pressed meanwhile would be lost. */
  waits?: boolean;
}>();
/** How many presses of the sheet were played. */
const played = defineModel<number>('played', { default: 0 });
const pad = shallowRef<Pad | null>(null);
const display = ref('');
const fault = ref('');
const keys = computed(() => keysOf(props.keying));
const presses = computed(() =>
  (props.sheet?.entries ?? []).flatMap(({ steps }) => steps.flatMap((step) => step.presses)),
);
const next = computed(() => presses.value[played.value] ?? null);
/** Where each memory of the sheet ends. */
const ends = computed(() => (props.sheet ? startsOf(props.sheet).slice(1) : []));
const memories = computed(() => {
  void display.value;
  return Object.entries(pad.value?.state.memories ?? {}).map(([stores, all]) => ({ stores, count: all.size }));
});

function start(): void {
  played.value = 0;
  fault.value = '';
  try {
    pad.value = padFor(props.keying, props.held, fieldTitle);
    display.value = '';
  } catch (error) {
    pad.value = null;
    fault.value = (error as Error).message;
  }
}
watch([() => props.keying, () => props.sheet], start, { immediate: true });

function trying(act: () => void): void {
  fault.value = '';
  try {
    act();
  } catch (error) {
    if (!(error instanceof PadFault)) throw error;
    fault.value = error.message;
  }
  display.value = pad.value?.display ?? '';
}

const press = (key: string) => trying(() => pad.value?.press(key));

function playTo(end: number): void {
  let at = played.value;
  trying(() => {
    for (; at < end; at += 1) play(pad.value!, [presses.value[at]!]);
  });
  played.value = at;
}
const playOne = () => playTo(Math.min(played.value + 1, presses.value.length));
const playMemory = () => playTo(ends.value.find((end) => end > played.value) ?? presses.value.length);
</script>

<template>
  <section class="pad" aria-labelledby="pad">
    <h2 id="pad">On a simulated key pad</h2>
    <output class="display mono" aria-live="polite">{{ display || ' ' }}</output>
    <p v-if="fault" class="is-broken" role="alert">{{ fault }}</p>
    <template v-if="sheet">
      <p v-if="next" class="soft">
        Next: <b class="mono">{{ next.key }}</b><template v-if="next.times > 1"> ×{{ next.times }}</template
        ><template v-if="next.until !== null"> until {{ untilWords(next.until) }}</template>
      </p>
      <p v-else-if="presses.length" class="in-order">Played to its end: it holds exactly what is planned.</p>
      <div class="act-row">
        <el-button :disabled="!next || !pad || waits" @click="playOne">Press the next</el-button>
        <el-button :disabled="!next || !pad || waits" @click="playMemory">Play this memory</el-button>
        <el-button :disabled="!next || !pad || waits" @click="playTo(presses.length)">Play all</el-button>
        <el-button :disabled="!pad" @click="start">Start over</el-button>
      </div>
      <p class="soft">
        It holds:
        <template v-for="({ stores, count }, at) in memories" :key="stores"
          ><template v-if="at > 0"> · </template>{{ storeTitle(stores) }} {{ count }}</template
        >
      </p>
    </template>
    <div class="keys" role="group" aria-label="Keys">
      <button
        v-for="key in keys"
        :key="key"
        type="button"
        class="key mono"
        :disabled="!pad || waits"
        @click="press(key)"
      >
        {{ key }}
      </button>
    </div>
  </section>
</template>

<style scoped>
.pad {
  display: grid;
  gap: 8px;
  align-content: start;
}

.display {
  padding: 10px 12px;
  font-size: 20px;
  white-space: pre;
  color: var(--on-slate);
  background: var(--slate);
  border-radius: 3px;
  overflow: hidden;
}

.keys {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}

.key {
  min-width: 36px;
  min-height: 30px;
  padding: 2px 8px;
  color: inherit;
  background: var(--raised);
  border: 1px solid var(--edge);
  border-radius: 3px;
  cursor: pointer;
}

.key:hover {
  border-color: var(--ink);
}
</style>
