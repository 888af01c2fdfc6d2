<script setup lang="ts">
/** The clearest frequency for this hotspot, and why. */
import { computed, onMounted, ref, shallowRef } from 'vue';
import { aroundHotspot, HOTSPOT_REACH_M, moveSite, siteWidthHz } from '@relay/core/checks/site-frequency';
import { compassPoint } from '@relay/core/units/geo/geodesic';
import { applyInPlace } from '@relay/core/plan/patches';
import { editProfile } from '@relay/core/plan/profiles';
import { repeatersOf } from '@relay/core/plan/sites';
import type { Hotspot, ProfileValues } from '@relay/core/plan/types';
import { clearanceAt, hotspotBands, type Occupied, viewBand } from '@relay/core/units/frequency-finder';
import { formatMHz } from '@relay/core/units/quantities';
import { TextField } from '../../fields';
import { takeNumber } from '../../fields/field';
import type { NearSite } from '@relay/core/lists/filed';
import { api, EVERY_SITE } from '../../sync/api';
import { usePlanIndex } from '../../sync/plan-look-ups';
import { usePlanStore } from '../../sync/plan-store';
import BandStrip from './BandStrip.vue';

const props = defineProps<{
  site: Hotspot;
  /** The profile that it is for; the channels of the site go along where the hotspot runs it. */
  profileId: string;
  profile: ProfileValues;
}>();
const open = defineModel<boolean>({ required: true });
const store = usePlanStore();
const index = usePlanIndex();
const MOST = 200;
/** Within the reach of the checks everything counts; one may look further. */
const LEAST_KM = HOTSPOT_REACH_M / 1000;
const radiusKm = ref(LEAST_KM);
const pair = computed(() => props.profile.frequencies);
const bandName = ref('');
const found = shallowRef<NearSite[]>([]);
const near = computed(() =>
  found.value.filter((one) => one.distanceM <= radiusKm.value * 1000 && one.status !== 'off the air'),
);
const problem = ref('');
const width = computed(() => siteWidthHz(index.value!, props.site));
const bands = computed(() => hotspotBands(store.plan!.station));
const band = computed(
  () =>
    bands.value.find((one) => one.name === bandName.value) ??
    bands.value.find((one) => pair.value.txHz >= one.lowHz && pair.value.txHz <= one.highHz) ??
    bands.value.at(-1)!,
);
const around = (hz: number) => ({ lowHz: hz - width.value / 2, highHz: hz + width.value / 2 });
const inPlan = computed(
  () => new Set(repeatersOf(store.plan!).map(({ listing, txHz }) => `${listing.callSign} ${txHz}`)),
);
const taken = computed<Occupied[]>(() => [
  ...aroundHotspot(index.value!, props.site).filter((one) => one.siteId !== null),
  ...near.value
    .filter((one) => !inPlan.value.has(`${one.callSign} ${one.txHz}`))
    .flatMap((one): Occupied[] => {
      const words = `${one.callSign}${one.module ? ` ${one.module}` : ''} ${one.name || one.place}, ${(one.distanceM / 1000).toFixed(1)} km ${compassPoint(one.bearingDeg)}`;
      const { distanceM } = one;
      const sends: Occupied = { ...around(one.txHz), kind: 'site sends', words: `${words}, sends`, distanceM };
      return one.rxHz === null || one.rxHz === one.txHz
        ? [sends]
        : [sends, { ...around(one.rxHz), kind: 'site listens', words: `${words}, listens`, distanceM }];
    }),
]);
const shift = computed(() => pair.value.rxHz - pair.value.txHz);
const view = computed(() =>
  viewBand(band.value, {
    widthHz: width.value,
    shiftHz: shift.value,
    plan: store.plan!.station,
    taken: taken.value,
  }),
);
/** As clear as the worse of what it sends and listens on. */
const present = computed(() => {
  const sides = [pair.value.txHz, pair.value.rxHz].map((hz) => clearanceAt(hz, width.value, view.value.occupied));
  return sides.reduce((worse, one) => (one.clearanceHz < worse.clearanceHz ? one : worse));
});
const alsoListens = (hz: number) => (shift.value === 0 ? '' : `, listening on ${formatMHz(hz + shift.value)} MHz`);
const khz = (hz: number) => `${(hz / 1000).toFixed(1)} kHz`;
const presentWords = computed(() => {
  const { nearest, clearanceHz } = present.value;
  if (!nearest) return 'nothing is near it';
  return clearanceHz < 0
    ? `it lies in what is taken: ${nearest.words}`
    : `the nearest is ${khz(clearanceHz)} off: ${nearest.words}`;
});

onMounted(async () => {
  const { location } = props.profile;
  if (!location) return;
  try {
    found.value = await api.near(location, MOST, EVERY_SITE);
  } catch (error) {
    problem.value = (error as Error).message;
  }
});

function take(): void {
  const { best } = view.value;
  if (!best) return;
  const { site, profileId } = props;
  if (site.activeProfileId === profileId) {
    const patches = moveSite(index.value!, site, best.hz);
    store.edit(`${site.name}: frequency`, (draft) => applyInPlace(draft, patches));
    store.notice = `${site.name} and its channels are on ${formatMHz(best.hz)} MHz now.`;
  } else {
    const frequencies = { txHz: best.hz, rxHz: best.hz + shift.value };
    store.edit(`${site.name}: frequency`, (draft) =>
      editProfile(draft, site.id, (of) => void (of.frequencies = frequencies), profileId),
    );
    store.notice = `This profile is on ${formatMHz(best.hz)} MHz; channels stay, since the hotspot does not run it.`;
  }
  open.value = false;
}
</script>

<template>
  <el-drawer v-model="open" size="min(820px, 100%)" :title="`A clear frequency for ${site.name}`">
    <div class="body">
      <div class="acts">
        <el-radio-group :model-value="band.name" aria-label="Band" @update:model-value="bandName = String($event)"
          ><el-radio-button v-for="one in bands" :key="one.name" :value="one.name">{{
            one.name
          }}</el-radio-button></el-radio-group
        >
        <TextField
          label="Sites within km"
          :value="String(radiusKm)"
          :take="(text) => takeNumber(text, LEAST_KM, 1000, (value) => (radiusKm = value))"
          mono
        />
      </div>
      <p v-if="problem" role="alert" class="is-broken">{{ problem }}</p>
      <p v-else-if="!profile.location" class="is-doubtful">
        The hotspot has no position, so repeaters around it are not known: give it one, and import lists under Sites.
      </p>
      <BandStrip :view="view" :present-hz="pair.txHz" />
      <p class="soft">
        Upper marks: sites send; lower: they listen; dashed: your own hotspots; full: calling and the like; shaded:
        satellites and weak signals.
        {{ near.length }} sites of lists are within {{ radiusKm }} km; those of the plan count too.
      </p>
      <p v-if="view.best" data-testid="clearest">
        <strong>{{ formatMHz(view.best.hz) }} MHz{{ alsoListens(view.best.hz) }} is the clearest</strong> of the
        {{ band.name }} raster:
        {{
          view.best.nearest
            ? `the nearest is ${khz(view.best.clearanceHz)} off, ${view.best.nearest.words}`
            : 'nothing is there'
        }}.
      </p>
      <p v-else class="is-broken">No channel of this band is clear.</p>
      <p data-testid="present">Now: {{ formatMHz(pair.txHz) }} MHz{{ alsoListens(pair.txHz) }}; {{ presentWords }}.</p>
      <p class="soft">
        What is kept is listed under Station, where you can correct it. Listen first; your licence and your national
        band plan decide, also whether a hotspot may run unattended.
      </p>
    </div>
    <template #footer>
      <el-button @click="open = false">Close</el-button>
      <el-button type="primary" :disabled="!view.best" data-testid="take-frequency" @click="take">{{
        view.best ? `Use ${formatMHz(view.best.hz)} MHz` : 'Use it'
      }}</el-button>
    </template>
  </el-drawer>
</template>

<style scoped>
.body {
  display: grid;
  gap: 12px;
}

.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 18px;
}

.acts > :last-child {
  grid-template-columns: 108px 90px;
}
</style>
