<script setup lang="ts">
import type { HopView } from '@relay/core/path/describe';
import type { DrawnHop } from './drawing';

/** `bends`: the line leaves its way here, for a wrong place. */
defineProps<{ hop: HopView; drawn: DrawnHop; large?: boolean; bends?: boolean }>();
/** Values of more characters, or pairs of more, may take two lines: a station has a sixth of the width. */
const LONG = 9;
const LONG_PAIR = 17;
type Pair = HopView['pairs'][number];
const isLong = (pair: Pair) =>
  Math.max(pair.has.length, pair.expects.length) > LONG || pair.has.length + said(pair).length > LONG_PAIR;
const said = ({ state, has, expects }: Pair) =>
  state === 'whole' && has === expects ? 'agrees' : `${state === 'whole' ? 'fits' : '≠'} ${expects}`;
const saidClass = ({ has, expects }: Pair) => ({ mono: has !== expects, soft: has === expects });
</script>

<template>
  <li
    class="hop"
    :class="{ 'hop--pale': drawn.pale, 'hop--astray': drawn.astray }"
    :data-hop="hop.id"
    :data-state="hop.state"
  >
    <span class="kind">{{ hop.kind }}<template v-if="drawn.astray">, not meant</template></span>
    <span class="rail" aria-hidden="true">
      <i class="half half--before" :class="`half--${bends ? 'none' : drawn.before}`" />
      <i
        class="half half--after"
        :class="`half--${drawn.after === 'gap' ? 'cut' : drawn.after === 'astray' && !drawn.astray ? 'none' : drawn.after}`"
      />
      <svg v-if="bends" class="bend" viewBox="0 0 100 28" preserveAspectRatio="none">
        <path d="M6 0 C50 0 50 14 88 14" />
      </svg>
      <svg v-if="drawn.before === 'gap'" class="gap" viewBox="0 0 12 26"><path d="M2 1 l7 6 l-6 6 l6 6 l-7 6" /></svg>
      <i class="bead" :class="`bead--${hop.state}`" />
    </span>
    <strong class="title">{{ hop.title }}</strong>
    <table v-if="large && hop.pairs.length" class="pairs">
      <thead class="visually-hidden">
        <tr>
          <th scope="col">Setting</th>
          <th scope="col">Has</th>
          <th scope="col">Expects</th>
        </tr>
      </thead>
      <tbody>
        <tr
          v-for="pair in hop.pairs"
          :key="pair.fact.key"
          :class="`is-${pair.state === 'whole' ? 'plain' : pair.state}`"
        >
          <th scope="row">{{ pair.name }}</th>
          <td v-if="isLong(pair)" colspan="2" class="long">
            <span class="mono">{{ pair.has }}</span> <span :class="saidClass(pair)">{{ said(pair) }}</span>
          </td>
          <template v-else>
            <td class="mono">{{ pair.has }}</td>
            <td :class="saidClass(pair)">{{ said(pair) }}</td>
          </template>
        </tr>
      </tbody>
    </table>
    <template v-else>
      <span
        v-for="pair in hop.pairs"
        :key="pair.fact.key"
        class="pair"
        :class="`is-${pair.state === 'whole' ? 'plain' : pair.state}`"
      >
        {{ pair.name }} <span class="mono">{{ pair.has }}</span><template
          v-if="pair.state !== 'whole' && pair.expects !== pair.has"
          >, expects <span class="mono">{{ pair.expects }}</span></template
        >
      </span>
    </template>
    <span v-if="hop.state !== 'whole'" class="visually-hidden">{{ hop.state }}</span>
  </li>
</template>

<style scoped>
.hop {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  align-content: start;
  justify-items: center;
  min-width: 0;
  text-align: center;
}

.kind {
  color: var(--ink-soft);
  font-size: 12px;
}

.rail {
  position: relative;
  width: 100%;
  height: 28px;
}

.half {
  position: absolute;
  top: 10px;
  width: 50%;
  height: 8px;
}

.half--before {
  left: 0;
}

.half--after {
  right: 0;
}

.half--solid {
  background: var(--yellow);
}

.half--dashed {
  background: repeating-linear-gradient(90deg, var(--yellow) 0 9px, transparent 9px 15px);
  border-block: 1px solid var(--doubtful);
}

.half--pale {
  background: var(--yellow-faint);
}

/* The line arrives from the left and ends before the station. */
.half--gap {
  width: 24%;
  background: var(--yellow);
}

.half--cut {
  left: 76%;
  right: auto;
  width: 24%;
  background: var(--yellow-faint);
}

.half--astray {
  top: 13px;
  height: 0;
  border-top: 3px dotted var(--broken);
}

/* The wrong place lies beside the line. */
.hop--astray {
  padding-top: 14px;
}

.bend {
  position: absolute;
  top: 0;
  left: -50%;
  width: 100%;
  height: 28px;
  overflow: visible;
}

.bend path {
  fill: none;
  stroke: var(--broken);
  stroke-width: 3;
  stroke-dasharray: 3 4;
  vector-effect: non-scaling-stroke;
}

.hop--astray .bead {
  background: var(--raised);
  border: 3px dotted var(--broken);
}

.half--none {
  display: none;
}

.gap {
  position: absolute;
  top: 1px;
  left: calc(24% - 2px);
  width: 12px;
  height: 26px;
}

.gap path {
  fill: none;
  stroke: var(--broken);
  stroke-width: 3;
}

.bead {
  position: absolute;
  top: 3px;
  left: calc(50% - 11px);
  width: 22px;
  height: 22px;
  background: var(--ink);
  border: 2px solid var(--ink);
  border-radius: 50%;
}

.bead--doubtful {
  background: var(--raised);
  border: 3px dashed var(--doubtful);
}

.bead--broken {
  background: var(--raised);
  border: 3px solid var(--broken);
}

.bead--broken::after {
  position: absolute;
  top: 7px;
  left: 3px;
  width: 10px;
  height: 3px;
  background: var(--broken);
  content: '';
}

.hop--pale .bead {
  background: var(--raised);
  border: 2px solid var(--edge);
}

.hop--pale .bead--broken::after {
  background: var(--edge);
}

.hop--pale .title,
.hop--pale .pair {
  color: var(--ink-soft);
  font-weight: 400;
}

.title {
  max-width: 100%;
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}

.pair {
  padding: 0 4px;
  font-size: 12px;
  line-height: 17px;
}

.pairs {
  border-collapse: collapse;
  font-size: 12px;
  line-height: 17px;
}

.pairs th {
  padding: 0 6px 0 0;
  vertical-align: top;
  font-weight: 400;
  text-align: right;
}

.pairs th,
.pairs td:not(.long) {
  white-space: nowrap;
}

.pairs td {
  padding: 0 3px;
  text-align: left;
}

.hop--pale .pairs {
  color: var(--ink-soft);
}

.is-plain {
  color: var(--ink);
}

/* On a narrow screen the line stands upright: stations one under the other, their settings beside. */
@media (max-width: 760px) {
  .hop {
    grid-template-columns: 24px minmax(0, 1fr);
    column-gap: 10px;
    justify-items: start;
    padding-bottom: 14px;
    text-align: left;
  }

  .hop > :not(.rail) {
    grid-column: 2;
  }

  .rail {
    grid-row: 1 / span 30;
    align-self: stretch;
    width: 24px;
    height: auto;
    min-height: 46px;
    margin-bottom: -14px;
  }

  .half {
    left: 8px;
    right: auto;
    width: 8px;
    height: auto;
  }

  .half--before {
    top: 0;
    height: 14px;
  }

  .half--after {
    top: 14px;
    bottom: 0;
  }

  .half--dashed {
    background: repeating-linear-gradient(180deg, var(--yellow) 0 9px, transparent 9px 15px);
    border-block: 0;
    border-inline: 1px solid var(--doubtful);
  }

  .half--before.half--gap {
    height: 0;
  }

  .half--cut {
    top: auto;
    bottom: 0;
    height: 10px;
  }

  .half--astray {
    left: 10px;
    width: 0;
    border-top: 0;
    border-left: 3px dotted var(--broken);
  }

  .gap {
    top: -20px;
    left: 6px;
    transform: rotate(90deg);
  }

  .bead {
    left: 1px;
  }

  .bend {
    display: none;
  }

  .pairs th {
    text-align: left;
  }
}
</style>
