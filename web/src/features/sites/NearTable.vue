<script setup lang="ts">
import { compassPoint } from '@relay/core/units/geo/geodesic';
import { formatMHz, formatShiftMHz } from '@relay/core/units/quantities';
import { computed } from 'vue';
import { VirtualRows } from '../../fields';
import type { Stretch } from '@relay/core/units/geo/corridor';
import type { AlongSite, FoundSite } from '@relay/core/lists/filed';
import { accessWords, groupsOnSlot, keyOf, reachWords } from './listed';
import { type DistanceUnit, distanceText } from './place';

/** Either near a place (distance and bearing) or along a trip (on the way, and off it). */
defineEmits<{ correct: [site: FoundSite | AlongSite] }>();
/** Keys of the sites that are ticked. */
const ticked = defineModel<ReadonlySet<string>>('ticked', { required: true });
const props = defineProps<{
  sites: readonly (FoundSite | AlongSite)[];
  unit: DistanceUnit;
  trip?: boolean;
  empty?: readonly Stretch[];
}>();
/** Sites in their order, and where a stretch of the trip has none, that stretch. */
const lines = computed(() => {
  const gaps = [...(props.empty ?? [])];
  const found: ({ site: FoundSite | AlongSite } | { gap: Stretch })[] = [];
  for (const site of props.sites) {
    while ('alongM' in site && gaps[0] && gaps[0].fromM < site.alongM) found.push({ gap: gaps.shift()! });
    found.push({ site });
  }
  return [...found, ...gaps.map((gap) => ({ gap }))];
});
type Line = (typeof lines.value)[number];
const keyOfLine = (line: Line) => ('gap' in line ? `gap ${line.gap.fromM}` : keyOf(line.site));
function tick(site: FoundSite | AlongSite, on: boolean): void {
  const next = new Set(ticked.value);
  if (on) next.add(keyOf(site));
  else next.delete(keyOf(site));
  ticked.value = next;
}
</script>

<template>
  <table class="plain">
    <thead>
      <tr>
        <th scope="col"><span class="visually-hidden">Chosen</span></th>
        <template v-if="trip"
          ><th scope="col" class="number">On the way, {{ unit }}</th>
          <th scope="col" class="number">Off it, {{ unit }}</th></template
        ><template v-else
          ><th scope="col" class="number">{{ unit }}</th>
          <th scope="col">Bearing</th></template
        >
        <th scope="col">Call sign</th>
        <th scope="col">Name and place</th>
        <th scope="col" class="number">Sends MHz</th>
        <th scope="col" class="number">Shift MHz</th>
        <th scope="col">Modes</th>
        <th scope="col">Access</th>
        <th scope="col">Slot 1</th>
        <th scope="col">Slot 2</th>
        <th scope="col">Status</th>
        <th scope="col"><span class="visually-hidden">Acts</span></th>
      </tr>
    </thead>
    <VirtualRows v-slot="{ row: line, at }" :rows="lines" :key-of="keyOfLine" :height="40">
      <tr v-if="'gap' in line" :data-index="at" data-testid="empty-stretch">
        <td />
        <td class="number">{{ distanceText(line.gap.fromM, unit) }}–{{ distanceText(line.gap.toM, unit) }}</td>
        <td colspan="11" class="gap">
          <span>no site for {{ distanceText(line.gap.toM - line.gap.fromM, unit) }} {{ unit }}</span>
        </td>
      </tr>
      <tr v-for="site in 'site' in line ? [line.site] : []" :key="keyOf(site)" :data-index="at" data-testid="near-site">
        <td>
          <input
            type="checkbox"
            :checked="ticked.has(keyOf(site))"
            :aria-label="`Choose ${site.callSign} ${site.module}, ${formatMHz(site.txHz)}`"
            @change="tick(site, ($event.target as HTMLInputElement).checked)"
          />
        </td>
        <template v-if="'alongM' in site"
          ><td class="number">{{ distanceText(site.alongM, unit) }}</td>
          <td class="number">{{ distanceText(site.offM, unit) }}</td></template
        >
        <template v-else>
          <td class="number">{{ site.distanceM === null ? '–' : distanceText(site.distanceM, unit) }}</td>
          <td class="bearing">
            <template v-if="site.bearingDeg !== null"
              ><span class="mono">{{ Math.round(site.bearingDeg) % 360 }}°</span>
              {{ compassPoint(site.bearingDeg) }}</template
            ><span v-else class="soft">{{ site.lat === null ? 'place not said' : '' }}</span>
          </td>
        </template>
        <th scope="row" class="mono">{{ site.module ? `${site.callSign} ${site.module}` : site.callSign }}</th>
        <td>
          {{ site.name }} <span class="soft">{{ site.place === site.name ? '' : site.place }}</span><span
            v-if="reachWords(site) || site.notes"
            class="soft more"
            >{{ [reachWords(site), site.notes].filter(Boolean).join('; ') }}</span
          >
        </td>
        <td class="number">{{ formatMHz(site.txHz) }}</td>
        <td class="number">{{ site.rxHz === null ? '?' : formatShiftMHz(site.rxHz - site.txHz) }}</td>
        <td>{{ site.modes.join(', ') }}</td>
        <td class="mono">{{ accessWords(site) }}</td>
        <td class="mono">{{ groupsOnSlot(site, 1) }}</td>
        <td class="mono">{{ groupsOnSlot(site, 2) }}</td>
        <td :class="{ 'is-doubtful': site.status === 'off the air' }">{{ site.status }}</td>
        <td class="bearing">
          <span
            v-if="site.corrections.length"
            :title="site.corrections.map((one) => `${one.field}: the list says ${one.was || 'nothing'}`).join('; ')"
            >corrected</span
          >
          <el-button link :aria-label="`Correct ${site.callSign}`" @click="$emit('correct', site)">Correct</el-button>
        </td>
      </tr>
    </VirtualRows>
  </table>
</template>

<style scoped>
tbody th {
  background: none;
  white-space: nowrap;
  border-bottom: 1px solid var(--hairline);
  font-size: 13px;
}

.gap {
  color: var(--doubtful);
  background: repeating-linear-gradient(90deg, var(--edge) 0 8px, transparent 8px 14px) left center / 100% 1px no-repeat;
}

.gap span {
  margin-left: -8px;
  padding: 0 10px 0 8px;
  background: var(--paper);
}

.more {
  display: block;
  max-width: 260px;
}

.bearing {
  white-space: nowrap;
}
</style>
