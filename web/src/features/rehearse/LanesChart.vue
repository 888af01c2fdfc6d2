<script setup lang="ts">
/**
 * A run laid out in time: overs are the yellow line, which goes from lane to lane; what is lost ends in a gap; the strip
 * under a site says what holds it.
 */
import { computed, onBeforeUnmount, onMounted, ref, useTemplateRef } from 'vue';
import type { LanesView, LaneView } from '@relay/core/rehearse/lanes';
import type { Happening } from '@relay/core/rehearse/types';
import { clock, speakerName, tell, type Telling, whyWords } from '@relay/core/rehearse/words';
import { AXIS_HEIGHT, heightOf, inView, LANE, lineOf, type Span, ticksOf, topsOf, xOf } from './chart';

const props = defineProps<{
  view: LanesView;
  happened: readonly Happening[];
  telling: Telling;
  /** What is shown of it. */
  shown: Span;
  nowMs: number;
  cursorMs: number;
  label: string;
}>();
const emit = defineEmits<{ cursor: [atMs: number]; pick: [over: number] }>();

const NAMES_PX = 132;
const SHORT_PX = 9;
const area = useTemplateRef<HTMLElement>('area');
const width = ref(800);
let watcher: ResizeObserver | undefined;
onMounted(() => {
  watcher = new ResizeObserver(([entry]) => (width.value = Math.max(160, entry!.contentRect.width)));
  watcher.observe(area.value!);
});
onBeforeUnmount(() => watcher?.disconnect());

const lanes = computed(() => props.view.lanes);
const tops = computed(() => topsOf(lanes.value));
const height = computed(() => tops.value.end);
const x = (atMs: number) => xOf(atMs, props.shown, width.value);
const ticks = computed(() => ticksOf(props.shown, width.value));
const until = (toMs: number | null) => toMs ?? props.nowMs;
const modeName = (mode: string | null) => (mode === null ? '' : props.telling.modes[mode as 'dmr'].name);

const bars = (lane: LaneView) =>
  inView(lane.bars, props.shown, props.nowMs).map((bar) => {
    const [from, to] = [Math.max(-8, x(bar.fromMs)), Math.min(width.value + 8, x(until(bar.toMs)))];
    const name = speakerName(props.telling, props.telling.overs.get(bar.over));
    const says = bar.role === 'hears' ? `hears ${name}` : bar.role === 'takes' ? `takes ${name}` : name;
    const room = Math.floor((to - from) / 6.2);
    return { ...bar, from, to: Math.max(to, from + 2), says: room >= says.length ? says : '' };
  });
const BAND_WORDS = { lock: (mode: string) => mode, hang: (mode: string) => `${mode}, hang time` } as const;
const bands = (lane: LaneView) =>
  inView(lane.bands, props.shown, props.nowMs).map((band) => {
    const [from, to] = [Math.max(0, x(band.fromMs)), Math.min(width.value, x(until(band.toMs)))];
    const words =
      band.kind === 'starting' ? 'starting' : band.kind === 'off' ? 'off' : BAND_WORDS[band.kind](modeName(band.mode));
    return { ...band, from, wide: Math.max(1, to - from), words: (to - from) / 6 > words.length ? words : '' };
  });
const marks = (lane: LaneView) =>
  lane.marks
    .filter(({ atMs }) => atMs >= props.shown.fromMs && atMs <= props.shown.toMs)
    .map((mark) => {
      const one = props.happened[mark.at]!;
      const here = lineOf(lanes.value, lane.key);
      const from = mark.from === null ? null : lineOf(lanes.value, mark.from);
      // The line ends short of the lane that it does not get into.
      const short = from === null ? 0 : Math.sign(from - here) * SHORT_PX;
      const why = one.kind === 'lost' || one.kind === 'refused' ? whyWords(props.telling, one.why, radioOf(one)) : '';
      return {
        ...mark,
        x: x(mark.atMs),
        rises: from === null ? null : from - here,
        short,
        why,
        words: tell(props.telling, one),
      };
    });
const radioOf = (one: Happening): string | null => {
  const from = 'over' in one ? props.telling.overs.get(one.over)?.from : undefined;
  return from?.is === 'radio' ? from.radioId : null;
};
const crossings = computed(() =>
  props.view.crossings
    .filter(({ atMs }) => atMs >= props.shown.fromMs && atMs <= props.shown.toMs)
    .map((one) => ({ ...one, x: x(one.atMs), y1: lineOf(lanes.value, one.from), y2: lineOf(lanes.value, one.to) })),
);

function point(event: PointerEvent): void {
  if (event.type === 'pointermove' && event.buttons === 0) return;
  const box = area.value!.getBoundingClientRect();
  const part = Math.min(1, Math.max(0, (event.clientX - box.left) / box.width));
  emit('cursor', props.shown.fromMs + part * (props.shown.toMs - props.shown.fromMs));
}
</script>

<template>
  <figure class="lanes" :aria-label="label">
    <div class="names" :style="{ width: `${NAMES_PX}px`, paddingTop: `${AXIS_HEIGHT}px` }" aria-hidden="true">
      <div v-for="lane in lanes" :key="lane.key" class="name" :style="{ height: `${heightOf(lane)}px` }">
        <strong>{{ lane.name }}</strong>
        <span class="soft">{{ lane.is }}</span>
      </div>
    </div>
    <div ref="area" class="area" @pointerdown="point" @pointermove="point">
      <svg :width="width" :height="height" role="img" :aria-label="`${label}: ${lanes.length} lanes`">
        <g class="axis">
          <template v-for="tick in ticks" :key="tick">
            <line :x1="x(tick)" :x2="x(tick)" :y1="AXIS_HEIGHT - 5" :y2="height" />
            <text :x="x(tick) + 3" y="12">{{ clock(tick) }}</text>
          </template>
        </g>
        <g v-for="(lane, at) in lanes" :key="lane.key" :transform="`translate(0 ${tops.tops[at]})`">
          <line class="ground" x1="0" :x2="width" :y1="LANE.line" :y2="LANE.line" />
          <line class="edge" x1="0" :x2="width" :y1="heightOf(lane) - 0.5" :y2="heightOf(lane) - 0.5" />
          <g v-for="band in bands(lane)" :key="`${band.kind} ${band.fromMs}`">
            <rect
              :x="band.from"
              :y="LANE.strip"
              :width="band.wide"
              :height="LANE.stripHeight"
              :class="`band band--${band.kind}`"
            />
            <text v-if="band.words" class="band-words" :x="band.from + 4" :y="LANE.strip + 9.5">{{ band.words }}</text>
          </g>
        </g>
        <line
          v-for="one in crossings"
          :key="`${one.over} ${one.from} ${one.to}`"
          class="crossing"
          :x1="one.x"
          :x2="one.x"
          :y1="one.y1"
          :y2="one.y2"
        />
        <g v-for="(lane, at) in lanes" :key="`${lane.key} overs`" :transform="`translate(0 ${tops.tops[at]})`">
          <g
            v-for="bar in bars(lane)"
            :key="`${bar.over} ${bar.role} ${bar.fromMs}`"
            class="over"
            :class="`over--${bar.role}`"
            @click="$emit('pick', bar.over)"
          >
            <line :x1="bar.from" :x2="bar.to" :y1="LANE.line" :y2="LANE.line" />
            <circle :cx="bar.from" :cy="LANE.line" r="4" />
            <text v-if="bar.says" :x="bar.from + 2" :y="LANE.line - 10">{{ bar.says }}</text>
          </g>
          <g
            v-for="mark in marks(lane)"
            :key="mark.at"
            :class="`mark mark--${mark.kind}`"
            :transform="`translate(${mark.x} ${LANE.line})`"
          >
            <title>{{ mark.words }}</title>
            <line v-if="mark.rises !== null" class="crossing" x1="0" x2="0" :y1="mark.rises" :y2="mark.short" />
            <template v-if="mark.kind === 'lost'">
              <path v-if="mark.rises === null" d="M-2 -13 l7 6 l-6 6 l6 6 l-7 6" />
              <path v-else :d="`M-12 ${mark.short} l6 5 l6 -5 l6 5 l6 -5`" />
              <text class="why" x="9" y="17">{{ mark.why }}</text>
            </template>
            <path v-else d="M0 -6 l5 6 l-5 6 l-5 -6 z" />
          </g>
        </g>
        <line class="cursor" :x1="x(cursorMs)" :x2="x(cursorMs)" y1="0" :y2="height" />
      </svg>
    </div>
  </figure>
</template>

<style scoped>
.lanes {
  display: grid;
  grid-template-columns: auto minmax(0, 1fr);
  margin: 0;
  background: var(--raised);
  border: 1px solid var(--hairline);
}

.names {
  border-right: 1px solid var(--hairline);
}

.name {
  display: grid;
  align-content: center;
  padding: 0 10px;
  border-bottom: 1px solid var(--hairline);
  overflow: hidden;
}

.name strong {
  overflow: hidden;
  font-weight: 600;
  text-overflow: ellipsis;
  white-space: nowrap;
}

.area {
  min-width: 0;
  overflow: hidden;
  touch-action: pan-y;
  cursor: col-resize;
}

svg {
  display: block;
}

text {
  fill: var(--ink-soft);
  font-size: 11px;
  pointer-events: none;
}

.axis line,
.edge {
  stroke: var(--hairline);
}

.axis text {
  font-family: var(--mono);
}

.ground {
  stroke: var(--rule);
  stroke-dasharray: 1 4;
}

.over line {
  stroke: var(--yellow);
  stroke-width: 7;
}

.over--hears line {
  stroke-width: 3;
}

.over circle {
  fill: var(--ink);
}

.over--hears circle {
  fill: var(--paper);
  stroke: var(--ink);
  stroke-width: 1.5;
}

.over {
  cursor: pointer;
}

.over text {
  fill: var(--ink);
}

.crossing {
  stroke: var(--yellow);
  stroke-width: 3;
}

.band--lock {
  fill: var(--rule);
}

.band--hang {
  fill: var(--sunk);
  stroke: var(--rule);
  stroke-dasharray: 3 2;
}

.band--starting {
  fill: none;
  stroke: var(--doubtful);
  stroke-dasharray: 3 2;
}

.band--off {
  fill: none;
  stroke: var(--edge);
}

.band-words {
  fill: var(--ink);
  font-size: 10px;
}

.mark path {
  fill: none;
  stroke: var(--ink-soft);
  stroke-width: 1.5;
}

.mark .why {
  fill: var(--broken);
  paint-order: stroke;
  stroke: var(--raised);
  stroke-width: 3px;
}

.mark--lost path {
  stroke: var(--broken);
  stroke-width: 2.5;
}

.cursor {
  stroke: var(--ink);
  stroke-width: 1;
}
</style>
