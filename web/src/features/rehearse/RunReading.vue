<script setup lang="ts">
/** A run to be read: its lanes, a cursor through it, what everything is at the cursor, and what happened. */
import { computed, ref, watch } from 'vue';
import { describePath } from '@relay/core/path/describe';
import { lanesOf } from '@relay/core/rehearse/lanes';
import type { Moment } from '@relay/core/rehearse/run-log';
import type { Happening } from '@relay/core/rehearse/types';
import { clock, isEnd, speakerName, statesAt, tell, type Telling } from '@relay/core/rehearse/words';
import { RelayLine } from '../../relay-line';
import LanesChart from './LanesChart.vue';

const props = defineProps<{
  happened: readonly Happening[];
  moments: readonly Moment[];
  telling: Telling;
  untilMs: number;
  /** While it goes on the chart shows the last minute, and the cursor is now. */
  goesOn?: boolean;
  label: string;
  /** A second reading beside this one has the list of what happened. */
  brief?: boolean;
}>();

const WINDOW_MS = 60_000;
const view = computed(() => lanesOf(props.telling.index.plan, props.happened));
/** Of a run that is over, what was lost first is looked at first. */
const firstLost = () => props.happened.find(({ kind }) => kind === 'lost' || kind === 'refused')?.atMs ?? 0;
const cursor = ref<number | null>(props.goesOn ? null : firstLost());
watch(
  () => props.telling,
  () => props.goesOn || (cursor.value = firstLost()),
);
const cursorMs = computed(() => Math.min(cursor.value ?? props.untilMs, props.untilMs));
const zoomMs = ref<number | null>(null);
const shown = computed(() => {
  const wide = zoomMs.value ?? (props.goesOn ? WINDOW_MS : Math.min(props.untilMs, 15 * 60_000));
  if (props.goesOn && cursor.value === null) {
    const toMs = Math.max(wide, props.untilMs);
    return { fromMs: toMs - wide, toMs };
  }
  const fromMs = Math.max(0, Math.min(cursorMs.value - wide / 2, props.untilMs - wide));
  return { fromMs, toMs: fromMs + wide };
});
watch(
  () => props.goesOn,
  () => (cursor.value = null),
);
const states = computed(() =>
  statesAt(props.telling, props.moments, cursorMs.value).filter(({ lane }) =>
    view.value.lanes.some(({ key }) => key === lane),
  ),
);
const told = computed(() =>
  props.happened
    .map((one, at) => ({
      at,
      atMs: one.atMs,
      kind: one.kind,
      over: 'over' in one ? one.over : null,
      words: tell(props.telling, one),
    }))
    .filter((one) => !isEnd(one)),
);
/** The newest are at hand; a day has tens of thousands. */
const MOST = 200;
const list = computed(() => (props.goesOn ? told.value.slice(-MOST).reverse() : told.value.slice(0, MOST)));

const picked = ref<number | null>(null);
const relay = computed(() => {
  const over = picked.value === null ? undefined : props.telling.overs.get(picked.value);
  return over?.traced ? describePath(over.traced.path, over.traced.context) : null;
});
const pickedName = computed(() =>
  picked.value === null ? '' : speakerName(props.telling, props.telling.overs.get(picked.value)),
);
</script>

<template>
  <div class="reading">
    <LanesChart
      v-if="view.lanes.length"
      :view="view"
      :happened="happened"
      :telling="telling"
      :shown="shown"
      :now-ms="untilMs"
      :cursor-ms="cursorMs"
      :label="label"
      @cursor="cursor = $event"
      @pick="picked = $event"
    />
    <div class="time">
      <label>
        Time
        <input
          type="range"
          min="0"
          :max="untilMs"
          step="100"
          :value="cursorMs"
          :aria-valuetext="clock(cursorMs)"
          @input="cursor = Number(($event.target as HTMLInputElement).value)"
        />
      </label>
      <span class="mono">{{ clock(cursorMs) }}</span>
      <el-button v-if="goesOn && cursor !== null" size="small" @click="cursor = null">To now</el-button>
      <slot name="time" />
    </div>
    <dl class="states" aria-label="What everything is at that time">
      <div v-for="one in states" :key="one.lane">
        <dt>{{ one.name }}</dt>
        <dd>{{ one.words }}</dd>
      </div>
    </dl>
    <section v-if="picked !== null" class="picked" :aria-label="`Relay line of ${pickedName}`">
      <RelayLine v-if="relay" :view="relay" :finding="null" all="" />
      <p v-else class="soft">{{ pickedName }} is at the far end: its way is the reply of your paths.</p>
      <el-button size="small" @click="picked = null">Close</el-button>
    </section>
    <ol v-if="!brief" class="told" aria-label="What happened">
      <li v-for="one in list" :key="one.at" :class="{ 'is-broken': one.kind === 'lost' || one.kind === 'refused' }">
        <button type="button" class="mono" :title="`To ${clock(one.atMs)}`" @click="cursor = one.atMs">
          {{ clock(one.atMs) }}
        </button>
        <span>{{ one.words }}</span>
        <button v-if="one.over !== null" type="button" class="line" @click="picked = one.over">line</button>
      </li>
    </ol>
  </div>
</template>

<style scoped>
.reading {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 10px;
}

.time {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  align-items: center;
}

.time label {
  display: flex;
  flex: 1;
  gap: 10px;
  align-items: center;
  min-width: 220px;
}

.time input {
  flex: 1;
  accent-color: var(--ink);
}

.mono {
  font-family: var(--mono);
}

.states {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(330px, 1fr));
  gap: 2px 24px;
  margin: 0;
}

.states div {
  display: grid;
  grid-template-columns: 112px minmax(0, 1fr);
  gap: 10px;
}

.states dt {
  font-weight: 600;
}

.states dd {
  margin: 0;
}

.picked {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 6px;
  justify-items: start;
}

.picked > :first-child {
  width: 100%;
}

.told {
  display: grid;
  max-height: 260px;
  margin: 0;
  padding: 0;
  overflow: auto;
  list-style: none;
}

.told li {
  display: grid;
  grid-template-columns: 74px minmax(0, 1fr) auto;
  gap: 8px;
  align-items: baseline;
  padding: 2px 0;
  border-bottom: 1px solid var(--hairline);
}

.told button {
  min-height: 24px;
  padding: 0 4px;
  color: inherit;
  font-size: 12px;
  text-align: left;
  text-decoration: underline;
  background: none;
  border: 0;
  cursor: pointer;
}
</style>
