<script setup lang="ts">
/** A band as a strip: what is kept for others, what is there, where the hotspot is and where it could be. */
import type { BandView, Occupied } from '@relay/core/units/frequency-finder';
import { formatMHz } from '@relay/core/units/quantities';

const props = defineProps<{ view: BandView; presentHz: number }>();
const WIDTH = 1000;
const SPOT_HZ = 12_500;
const x = (hz: number) => ((hz - props.view.band.lowHz) / (props.view.band.highHz - props.view.band.lowHz)) * WIDTH;
const SITES = ['site sends', 'site listens', 'own hotspot'];
/** A stretch that is kept; a single frequency that is kept is a mark like a site’s. */
const wide = (one: Occupied) => !SITES.includes(one.kind) && one.highHz - one.lowHz > SPOT_HZ;
const ticks = [0, 0.25, 0.5, 0.75, 1].map((share) => share);
const rowOf = (kind: Occupied['kind']): [number, number] =>
  kind === 'site sends' ? [10, 36] : kind === 'site listens' ? [36, 62] : [10, 62];
const inside = (hz: number) => hz >= props.view.band.lowHz && hz <= props.view.band.highHz;
</script>

<template>
  <svg
    class="strip"
    viewBox="-4 0 1008 92"
    role="img"
    :aria-label="`${view.band.name}: ${view.occupied.length} frequencies or parts are taken; ${view.best ? `${formatMHz(view.best.hz)} MHz is clearest` : 'nothing is clear'}`"
  >
    <rect x="0" y="10" :width="WIDTH" height="52" class="band" />
    <template v-for="(one, i) in view.occupied" :key="i">
      <g v-if="wide(one)">
        <rect
          :x="Math.max(0, x(one.lowHz))"
          y="10"
          :width="Math.min(WIDTH, x(one.highHz)) - Math.max(0, x(one.lowHz))"
          height="52"
          :class="one.kind === 'satellite' ? 'satellite' : 'kept'"
        />
        <text :x="(Math.max(0, x(one.lowHz)) + Math.min(WIDTH, x(one.highHz))) / 2" y="40" class="name">
          {{ one.kind === 'satellite' ? 'satellites' : '' }}
        </text>
        <title>{{ one.words }}</title>
      </g>
      <line
        v-else
        :x1="x((one.lowHz + one.highHz) / 2)"
        :x2="x((one.lowHz + one.highHz) / 2)"
        :y1="rowOf(one.kind)[0]"
        :y2="rowOf(one.kind)[1]"
        :class="one.kind === 'own hotspot' ? 'own' : SITES.includes(one.kind) ? 'site' : 'calling'"
      >
        <title>{{ one.words }}</title>
      </line>
    </template>
    <g v-if="inside(presentHz)">
      <path :d="`M${x(presentHz)} 8 l-5 -8 h10 Z`" class="present" />
      <title>now {{ formatMHz(presentHz) }} MHz</title>
    </g>
    <g v-if="view.best"><line :x1="x(view.best.hz)" :x2="x(view.best.hz)" y1="6" y2="70" class="best" /></g>
    <text
      v-for="share in ticks"
      :key="share"
      :x="share * WIDTH"
      y="88"
      class="tick"
      :class="{ first: share === 0, last: share === 1 }"
    >
      {{ formatMHz(view.band.lowHz + share * (view.band.highHz - view.band.lowHz)) }}
    </text>
  </svg>
</template>

<style scoped>
.strip {
  display: block;
  width: 100%;
  height: auto;
}

.band {
  fill: var(--raised);
  stroke: var(--ink);
}

.satellite {
  fill: var(--broken);
  fill-opacity: 0.16;
}

.kept {
  fill: var(--sunk);
}

.site {
  stroke: var(--ink);
  stroke-width: 2;
}

.own {
  stroke: var(--doubtful);
  stroke-width: 3;
  stroke-dasharray: 5 3;
}

.calling {
  stroke: var(--doubtful);
  stroke-width: 3;
}

.best {
  stroke: var(--yellow-deep);
  stroke-width: 6;
}

.present {
  fill: var(--ink);
}

.name,
.tick {
  fill: var(--ink);
  font-size: 15px;
  text-anchor: middle;
}

.tick {
  font-family: var(--mono);
  font-size: 14px;
}

.first {
  text-anchor: start;
}

.last {
  text-anchor: end;
}
</style>
