<script setup lang="ts">
/** Sites on a map drawn here: pan and zoom by pointer or keys, the list beside it says the same in words. */
import { select } from 'd3-selection';
import { zoom, type ZoomBehavior, zoomIdentity } from 'd3-zoom';
import { computed, onBeforeUnmount, onMounted, ref, shallowRef, watch } from 'vue';
import { LISTED_MODES } from '@relay/core/lists/types';
import type { SiteMap } from '@relay/core/lists/filed';
import type { Position } from '@relay/core/plan/types';
import { api } from '../../sync/api';
import { usePlanStore } from '../../sync/plan-store';
import { drawMap, textWidth } from './draw-map';
import { labelsIn, scaleBar } from './map-labels';
import {
  LARGEST_K,
  type Mark,
  markAt,
  marksIn,
  SMALLEST_K,
  type Spots,
  spotsOf,
  toPosition,
  type View,
  viewOf,
} from './map-view';
import { type Outlines, outlines } from './outline';

const props = defineProps<{
  from: Position | null;
  trip: readonly Position[];
  mode: string;
  selected: string | null;
  shown: readonly Position[];
}>();
const emit = defineEmits<{ select: [key: string, position: Position]; middle: [position: Position] }>();
const store = usePlanStore();
const frame = ref<HTMLDivElement | null>(null);
const canvas = ref<HTMLCanvasElement | null>(null);
const spots = shallowRef<Spots | null>(null);
const land = shallowRef<Outlines>({ coasts: [], names: [] });
const problem = ref('');
const inView = ref(0);
let view: View = { k: SMALLEST_K, x: 0, y: 0 };
let marks: Mark[] = [];
let size = { width: 0, height: 0 };
let pending = 0;
let stop: AbortController | null = null;
let behaviour: ZoomBehavior<HTMLCanvasElement, unknown> | null = null;
let watchSize: ResizeObserver | null = null;

const REACH = 8;
const STEP = 60;
const bits = computed(() => (props.mode === '' ? 0 : 1 << LISTED_MODES.findIndex((one) => one === props.mode)));
const words = computed(() =>
  spots.value
    ? `${inView.value.toLocaleString('en')} of ${spots.value.xs.length.toLocaleString('en')} sites are in view`
    : 'Loading the map…',
);
const colour = (name: string) => getComputedStyle(frame.value!).getPropertyValue(name).trim();
const keyAt = (map: SiteMap, at: number) => `${map.lists[map.list[at]!]}/${map.line[at]}`;
const selectedPoint = computed(() => {
  const known = spots.value;
  const at =
    known && props.selected !== null ? known.map.line.findIndex((_, i) => keyAt(known.map, i) === props.selected) : -1;
  return known && at >= 0 ? { x: known.xs[at]!, y: known.ys[at]! } : null;
});

function schedule(): void {
  if (pending === 0) pending = requestAnimationFrame(draw);
}

function draw(): void {
  pending = 0;
  const context = canvas.value?.getContext('2d');
  if (!context || size.width === 0) return;
  const found = spots.value
    ? marksIn(spots.value, view, size.width, size.height, bits.value)
    : { marks: [], inView: 0 };
  marks = found.marks;
  inView.value = found.inView;
  drawMap(context, {
    view,
    ...size,
    ratio: devicePixelRatio,
    coasts: land.value.coasts,
    trip: props.trip,
    from: props.from,
    marks,
    labels: spots.value
      ? labelsIn(marks, spots.value, land.value.names, view, size, (text, kind) => textWidth(context, text, kind))
      : [],
    scale: scaleBar(view, size),
    ringed: selectedPoint.value,
    colour,
  });
}

function moveTo(next: View): void {
  if (canvas.value && behaviour)
    select(canvas.value).call(behaviour.transform, zoomIdentity.translate(next.x, next.y).scale(next.k));
}

/** The nearest of the list are in view at first. */
function fit(): void {
  const positions = [...(props.from ? [props.from] : []), ...props.trip, ...props.shown];
  if (positions.length > 0 && size.width > 0)
    moveTo(
      viewOf(
        positions.length === 1
          ? [
              { lat: positions[0]!.lat - 0.3, lon: positions[0]!.lon - 0.3 },
              { lat: positions[0]!.lat + 0.3, lon: positions[0]!.lon + 0.3 },
            ]
          : positions,
        size.width,
        size.height,
      ),
    );
}

function onClick(event: MouseEvent): void {
  const mark = spots.value && markAt(marks, { x: event.offsetX, y: event.offsetY }, REACH);
  if (!mark) return;
  if (mark.count === 1)
    emit('select', keyAt(spots.value!.map, mark.at), {
      lat: spots.value!.map.lat[mark.at]!,
      lon: spots.value!.map.lon[mark.at]!,
    });
  else if (canvas.value && behaviour) select(canvas.value).call(behaviour.scaleBy, 3, [mark.x, mark.y]);
}

function onKey(event: KeyboardEvent): void {
  if (!canvas.value || !behaviour) return;
  const steps: Record<string, [number, number]> = {
    ArrowLeft: [STEP, 0],
    ArrowRight: [-STEP, 0],
    ArrowUp: [0, STEP],
    ArrowDown: [0, -STEP],
  };
  const step = steps[event.key];
  if (step) select(canvas.value).call(behaviour.translateBy, step[0] / view.k, step[1] / view.k);
  else if (event.key === '+' || event.key === '=') select(canvas.value).call(behaviour.scaleBy, 1.6);
  else if (event.key === '-') select(canvas.value).call(behaviour.scaleBy, 1 / 1.6);
  else if (event.key === '0') fit();
  else return;
  event.preventDefault();
}

const scale = (by: number) => canvas.value && behaviour && select(canvas.value).call(behaviour.scaleBy, by);
const lookHere = () =>
  emit('middle', toPosition({ x: (size.width / 2 - view.x) / view.k, y: (size.height / 2 - view.y) / view.k }));

async function load(): Promise<void> {
  stop?.abort();
  const mine = (stop = new AbortController());
  try {
    spots.value = spotsOf(await api.map(mine.signal));
  } catch (error) {
    if (!mine.signal.aborted) problem.value = (error as Error).message;
  }
}

onMounted(async () => {
  const element = canvas.value!;
  behaviour = zoom<HTMLCanvasElement, unknown>()
    .scaleExtent([SMALLEST_K, LARGEST_K])
    .on('zoom', ({ transform }: { transform: { k: number; x: number; y: number } }) => {
      view = { k: transform.k, x: transform.x, y: transform.y };
      schedule();
    });
  select(element).call(behaviour);
  watchSize = new ResizeObserver(([entry]) => {
    const first = size.width === 0;
    size = { width: entry!.contentRect.width, height: entry!.contentRect.height };
    element.width = size.width * devicePixelRatio;
    element.height = size.height * devicePixelRatio;
    if (first) fit();
    schedule();
  });
  watchSize.observe(frame.value!);
  await Promise.all([
    load(),
    outlines(store.plan?.station.callSign ?? '').then(
      (found) => (land.value = found),
      () => (problem.value = 'The coasts could not be loaded; the sites are shown without.'),
    ),
  ]);
  schedule();
});
watch(() => props.shown, fit);
watch([selectedPoint, () => props.mode, () => props.from, () => props.trip, spots, land], schedule, { deep: true });
onBeforeUnmount(() => {
  stop?.abort();
  watchSize?.disconnect();
  cancelAnimationFrame(pending);
});
defineExpose({ load });
</script>

<template>
  <div class="map">
    <div ref="frame" class="frame">
      <canvas
        ref="canvas"
        tabindex="0"
        role="application"
        :aria-label="`Map. ${words}. Arrow keys move it, plus and minus zoom, 0 shows the nearest. The list says the same in words.`"
        @click="onClick"
        @keydown="onKey"
      />
      <div class="buttons">
        <button type="button" aria-label="Zoom in" @click="scale(1.6)">+</button
        ><button type="button" aria-label="Zoom out" @click="scale(1 / 1.6)">−</button
        ><button type="button" aria-label="Show the nearest" @click="fit">⤢</button>
      </div>
    </div>
    <p v-if="problem" role="alert" class="is-doubtful">{{ problem }}</p>
    <p class="soft" role="status" data-testid="map-words">
      {{ words }}. <el-button link @click="lookHere">List what is nearest to the middle</el-button>
    </p>
  </div>
</template>

<style scoped>
.map {
  display: grid;
  gap: 4px;
  min-width: 0;
}

.frame {
  position: relative;
  height: min(560px, 62vh);
  overflow: hidden;
  border: 1px solid var(--hairline);
  border-radius: 3px;
}

canvas {
  display: block;
  width: 100%;
  height: 100%;
  cursor: grab;
  touch-action: none;
}

canvas:focus-visible {
  outline: 2px solid var(--ink);
  outline-offset: -2px;
}

.buttons {
  position: absolute;
  top: 8px;
  right: 8px;
  display: grid;
  gap: 4px;
}

.buttons button {
  width: 30px;
  height: 30px;
  color: var(--ink);
  background: var(--raised);
  border: 1px solid var(--edge);
  border-radius: 3px;
  font: 600 16px/1 inherit;
  cursor: pointer;
}
</style>
