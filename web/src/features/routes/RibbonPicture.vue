<script setup lang="ts">
/** The number ribbon: radio side above, networks below, rules as bands, the typed number on its way. */
import { computed } from 'vue';
import type { Travel } from '@relay/core/modes/dmr/routes/travel';
import { stretchWords } from '@relay/core/modes/dmr/routes/words';
import { HEIGHT, journey, NETWORK, RADIO, type Ribbon, type RibbonPart, travelPath, WIDTH } from './ribbon';

const props = defineProps<{ ribbon: Ribbon; travel: Travel | null; label: string }>();
defineEmits<{ pick: [number: number] }>();

const LAYERS = ['catch-all', 'rule', 'hidden'] as const;
const NARROW = 118;
const TIGHT = 54;
const way = computed(() => (props.travel ? journey(props.ribbon, props.travel.sent, props.travel) : null));
const chipWidth = (text: string) => text.length * 7.9 + 16;
const within = (x: number, width: number) => Math.min(WIDTH - width / 2, Math.max(width / 2, x));
const lines = (part: RibbonPart): string[] => {
  const width = part.x1 - part.x0;
  if (width < TIGHT) return [];
  const words = stretchWords(part);
  return width < NARROW + 40
    ? words.split('–').map((one, at, all) => (at === 0 && all.length > 1 ? `${one}–` : one))
    : [words];
};
</script>

<template>
  <svg class="ribbon" :viewBox="`0 0 ${WIDTH} ${HEIGHT}`" role="img" :aria-label="label">
    <defs>
      <pattern id="ribbon-hatch" width="6" height="6" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
        <line x1="0" y1="0" x2="0" y2="6" class="hatch" />
      </pattern>
    </defs>
    <g v-for="kind in LAYERS" :key="kind" :class="`layer--${kind}`">
      <path v-for="(band, i) in ribbon.bands.filter((one) => one.kind === kind)" :key="i" :d="band.path">
        <title>{{ band.title }}</title>
      </path>
    </g>
    <g v-for="part in ribbon.parts" :key="part.first" class="part" @click="$emit('pick', part.first)">
      <rect
        :x="part.x0"
        :y="RADIO.y"
        :width="part.x1 - part.x0"
        :height="RADIO.height"
        :class="`box box--${part.kind === 'passed on' ? 'rule' : part.kind}`"
      />
      <text :x="(part.x0 + part.x1) / 2" :y="RADIO.y + (lines(part).length > 1 ? 12 : 16)" class="title">
        {{ part.x1 - part.x0 < TIGHT ? part.title.replace('rule ', '') : part.title }}
      </text>
      <text
        v-for="(line, i) in lines(part)"
        :key="i"
        :x="(part.x0 + part.x1) / 2"
        :y="RADIO.y + (lines(part).length > 1 ? 24 : 31) + i * 11"
        class="numbers"
      >
        {{ line }}
      </text>
      <g v-if="part.hidden.length">
        <rect :x="part.x0" :y="RADIO.y" :width="part.x1 - part.x0" :height="RADIO.height" fill="url(#ribbon-hatch)" />
        <text :x="(part.x0 + part.x1) / 2" :y="RADIO.y - 4" class="lost">{{ part.hidden.join(', ') }} hidden</text>
      </g>
      <title>
        {{ part.title }}, {{ stretchWords(part) }}{{ part.hidden.length ? `; ${part.hidden.join(', ')} hidden` : '' }}
      </title>
    </g>
    <circle v-for="(dot, i) in ribbon.dots" :key="`d${i}`" :cx="dot.x" :cy="RADIO.y + RADIO.height" r="3.4" class="dot">
      <title>{{ dot.title }}</title>
    </circle>
    <g v-for="network in ribbon.networks" :key="network.id">
      <rect
        :x="network.x0 + 0.5"
        :y="NETWORK.y"
        :width="network.x1 - network.x0 - 1"
        :height="NETWORK.height - 1"
        class="network"
      />
      <template v-if="network.pocket > network.x0">
        <line
          :x1="network.pocket"
          :x2="network.pocket"
          :y1="NETWORK.y"
          :y2="NETWORK.y + NETWORK.height"
          class="divide"
        />
        <text :x="(network.x0 + network.pocket) / 2" :y="NETWORK.y + 23" class="rest">as sent</text>
      </template>
      <text :x="network.pocket + 12" :y="NETWORK.y + 23" class="name">{{ network.name }}</text>
      <text :x="network.x1 - 12" :y="NETWORK.y + 23" class="numbers end">
        {{ stretchWords({ first: 1, last: network.last }) }}
      </text>
    </g>
    <template v-if="travel && way">
      <path v-if="way.to !== null" :d="travelPath(way.x, way.to)" class="way" />
      <template v-else>
        <path :d="`M${way.x} ${RADIO.y + RADIO.height} v44`" class="way" />
        <path :d="`M${way.x - 8} ${RADIO.y + RADIO.height + 48} l5 6 l6 -6 l6 6`" class="stop" />
      </template>
      <g
        :transform="`translate(${within(way.x, chipWidth(String(travel.sent.number)))} ${RADIO.y + RADIO.height + 16})`"
      >
        <rect
          :x="-chipWidth(String(travel.sent.number)) / 2"
          y="-11"
          :width="chipWidth(String(travel.sent.number))"
          height="21"
          rx="2"
          class="chip"
        />
        <text y="4" class="chip-text">{{ travel.sent.number }}</text>
      </g>
      <g
        v-if="way.to !== null && travel.routed"
        :transform="`translate(${within(way.to, chipWidth(String(travel.routed.number)))} ${NETWORK.y - 14})`"
      >
        <rect
          :x="-chipWidth(String(travel.routed.number)) / 2"
          y="-11"
          :width="chipWidth(String(travel.routed.number))"
          height="21"
          rx="2"
          class="chip"
          :class="{ 'chip--doubt': travel.doubt }"
        />
        <text y="4" class="chip-text">{{ travel.routed.number }}</text>
      </g>
      <g v-else :transform="`translate(${within(way.x, 110)} ${RADIO.y + RADIO.height + 74})`">
        <text class="lost">stops at the gateway</text>
      </g>
    </template>
  </svg>
</template>

<style scoped>
.ribbon {
  display: block;
  width: 100%;
  max-width: 1240px;
  height: auto;
}

/* A layer is toned as one, so that bands of a kind do not darken each other where they cross. */
.layer--rule {
  fill: var(--yellow);
  opacity: 0.5;
}

.layer--catch-all {
  fill: var(--ink);
  opacity: 0.13;
}

.layer--hidden {
  fill: none;
  stroke: var(--broken);
  stroke-width: 1.5;
  stroke-dasharray: 6 5;
}

.box {
  stroke: var(--rule);
}

.box--rule {
  fill: var(--yellow);
  fill-opacity: 0.6;
}

.box--catch-all {
  fill: var(--sunk);
}

.box--none {
  fill: var(--raised);
}

.part {
  cursor: pointer;
}

.hatch {
  stroke: var(--broken);
  stroke-width: 1.2;
  stroke-opacity: 0.55;
}

.title,
.name {
  fill: var(--ink);
  font-size: 12px;
  font-weight: 650;
}

.divide {
  stroke: var(--ink);
  stroke-dasharray: 3 3;
}

.rest {
  fill: var(--ink-soft);
  font-size: 11px;
}

.title,
.rest,
.numbers,
.lost,
.chip-text {
  text-anchor: middle;
}

.numbers {
  fill: var(--ink);
  font-family: var(--mono);
  font-size: 10.5px;
}

.end {
  text-anchor: end;
}

.lost {
  fill: var(--broken);
  font-size: 11px;
  font-weight: 650;
}

.dot {
  fill: var(--raised);
  stroke: var(--ink);
  stroke-width: 1.6;
}

.network {
  fill: var(--raised);
  stroke: var(--ink);
  stroke-width: 1.4;
}

.way {
  fill: none;
  stroke: var(--ink);
  stroke-width: 2.4;
}

.stop {
  fill: none;
  stroke: var(--broken);
  stroke-width: 3;
}

.chip {
  fill: var(--slate);
}

.chip--doubt {
  stroke: var(--yellow);
  stroke-width: 2;
  stroke-dasharray: 5 4;
}

.chip-text {
  fill: var(--on-slate);
  font-family: var(--mono);
  font-size: 12.5px;
}

@media (max-width: 760px) {
  .ribbon {
    width: 1010px;
    max-width: none;
  }
}
</style>
