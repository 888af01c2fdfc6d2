<script setup lang="ts">
import { compassPoint } from '@relay/core/geo/geodesic';
import { formatMHz, formatShiftMHz } from '@relay/core/radio-math/quantities';
import type { AlongSite, NearSite } from '@relay/core/lists/filed';
import { type DistanceUnit, distanceText } from './place';

/** Either near a place (distance and bearing) or along a trip (on the way, and off it). */
defineEmits<{ correct: [site: NearSite | AlongSite] }>();
defineProps<{ sites: readonly (NearSite | AlongSite)[]; unit: DistanceUnit; trip?: boolean }>();
const groups = (site: NearSite | AlongSite, slot: 1 | 2) => site.groups.filter((one) => one.slot === slot).map((one) => one.number).join(', ');
const access = (site: NearSite | AlongSite) => [site.colorCode === null ? '' : `CC ${site.colorCode}`, site.ctcssHz === null ? '' : `${site.ctcssHz.toFixed(1)} Hz`, site.dcs === null ? '' : `D${site.dcs}`].filter(Boolean).join(' · ');
</script>

<template>
  <table class="plain">
    <thead>
      <tr>
        <template v-if="trip"><th scope="col" class="number">On the way, {{ unit }}</th><th scope="col" class="number">Off it, {{ unit }}</th></template><template v-else><th scope="col" class="number">{{ unit }}</th><th scope="col">Bearing</th></template><th scope="col">Call sign</th><th scope="col">Name and place</th><th scope="col" class="number">Sends MHz</th><th scope="col" class="number">Shift MHz</th>
        <th scope="col">Modes</th><th scope="col">Access</th><th scope="col">Slot 1</th><th scope="col">Slot 2</th><th scope="col">Status</th><th scope="col"><span class="visually-hidden">Acts</span></th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="site in sites" :key="`${site.listId}/${site.line}`" data-testid="near-site">
        <template v-if="'alongM' in site"><td class="number">{{ distanceText(site.alongM, unit) }}</td><td class="number">{{ distanceText(site.offM, unit) }}</td></template>
        <template v-else>
          <td class="number">{{ distanceText(site.distanceM, unit) }}</td>
          <td class="bearing"><span class="mono">{{ Math.round(site.bearingDeg) % 360 }}°</span> {{ compassPoint(site.bearingDeg) }}</td>
        </template>
        <th scope="row" class="mono">{{ site.module ? `${site.callSign} ${site.module}` : site.callSign }}</th>
        <td>{{ site.name }} <span class="soft">{{ site.place === site.name ? '' : site.place }}</span></td>
        <td class="number">{{ formatMHz(site.txHz) }}</td>
        <td class="number">{{ site.rxHz === null ? '?' : formatShiftMHz(site.rxHz - site.txHz) }}</td>
        <td>{{ site.modes.join(', ') }}</td>
        <td class="mono">{{ access(site) }}</td>
        <td class="mono">{{ groups(site, 1) }}</td>
        <td class="mono">{{ groups(site, 2) }}</td>
        <td :class="{ 'is-doubtful': site.status === 'off the air' }">{{ site.status }}</td>
        <td class="bearing"><span v-if="site.corrections.length" :title="site.corrections.map((one) => `${one.field}: the list says ${one.was || 'nothing'}`).join('; ')">corrected</span> <el-button link :aria-label="`Correct ${site.callSign}`" @click="$emit('correct', site)">Correct</el-button></td>
      </tr>
    </tbody>
  </table>
</template>

<style scoped>
tbody th {
  background: none;
  white-space: nowrap;
  border-bottom: 1px solid var(--hairline);
  font-size: 13px;
}

.bearing {
  white-space: nowrap;
}
</style>
