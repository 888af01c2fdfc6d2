<script setup lang="ts">
/** Along a trip: what lies on the way, in the order of travel, and the stretches with nothing. */
import { computed, onBeforeUnmount, onMounted, ref, shallowRef } from 'vue';
import type { Position } from '@relay/core/plan/types';
import { FilePick, TextField } from '../../fields';
import { readPlace, takeNumber } from '../../fields/field';
import type { FiledSite, Trip } from '@relay/core/lists/filed';
import { api, type SiteFilter } from '../../sync/api';
import { usePlanStore } from '../../sync/plan-store';
import { demoTrack, isDemoStation } from './demo';
import NearTable from './NearTable.vue';
import { type DistanceUnit, distanceText } from './place';
import { readGpx, readTrip, usualWidthKm } from '../../fields/trip';

const props = defineProps<{ filter: SiteFilter; unit: DistanceUnit; home: Position | null; table: boolean }>();
const emit = defineEmits<{ correct: [site: FiledSite]; found: [trip: Trip, points: readonly Position[]] }>();
const ticked = defineModel<ReadonlySet<string>>('ticked', { required: true });
const store = usePlanStore();
const text = ref('');
/** As it was typed; `null`: by the length of the trip. */
const givenKm = ref<number | null>(null);
const fromFile = shallowRef<{ name: string; points: Position[] } | null>(null);
const trip = shallowRef<Trip | null>(null);
const problem = ref('');
const busy = ref(false);
let asking: AbortController | null = null;
const typed = computed(() => readTrip(text.value));
const points = computed(() => fromFile.value?.points ?? typed.value.points);
const widthKm = computed(() => givenKm.value ?? usualWidthKm(points.value));
const km = (metres: number) => `${distanceText(metres, props.unit)} ${props.unit}`;

async function readFile(file: File): Promise<void> {
  await follow(file.name, await file.text());
}

async function follow(name: string, gpx: string): Promise<void> {
  const read = readGpx(gpx);
  problem.value = read.problem ?? '';
  fromFile.value = read.problem ? null : { name, points: read.points };
  if (fromFile.value) await look();
}

async function look(): Promise<void> {
  asking?.abort();
  problem.value = fromFile.value ? '' : (typed.value.problem ?? '');
  if (problem.value !== '' || points.value.length < 2) return;
  const mine = (asking = new AbortController());
  busy.value = true;
  try {
    trip.value = await api.along(points.value, widthKm.value * 1000, props.filter, mine.signal);
    emit('found', trip.value, points.value);
  } catch (error) {
    if (!mine.signal.aborted) problem.value = (error as Error).message;
  }
  if (asking === mine) busy.value = false;
}

function beginAtHome(): void {
  if (props.home && readPlace(text.value.split('\n')[0] ?? '') === null)
    text.value = `${props.home.lat}, ${props.home.lon}\n${text.value}`;
}

onMounted(async () => {
  if (!isDemoStation(store.plan?.station.callSign ?? '')) return;
  const { name, gpx } = await demoTrack();
  if (text.value === '' && !fromFile.value) await follow(name, gpx);
});
onBeforeUnmount(() => asking?.abort());
defineExpose({ look });
</script>

<template>
  <div class="trip">
    <div class="ask">
      <label for="trip-points">Places, one a line, in the order of travel</label>
      <textarea
        id="trip-points"
        v-model="text"
        class="mono"
        rows="4"
        placeholder="46.55, -33.63&#10;HN36kv"
        :disabled="fromFile !== null"
        @focus="beginAtHome"
      />
      <div class="acts">
        <TextField
          label="Within km"
          :value="String(widthKm)"
          :take="(given) => takeNumber(given, 0.1, 500, (value) => ((givenKm = value), void look()))"
          mono
        />
        <el-button :disabled="busy || points.length < 2" @click="look">{{
          busy ? 'Looking…' : 'Show what is on the way'
        }}</el-button>
        <FilePick label="GPX track" accept=".gpx,application/gpx+xml" @pick="readFile">Read a GPX track</FilePick>
        <span v-if="fromFile"
          >{{ fromFile.name }}, {{ fromFile.points.length }} points
          <el-button link @click="fromFile = null">Type instead</el-button></span
        >
      </div>
      <p v-if="problem" role="alert" class="is-broken">{{ problem }}</p>
      <p v-else-if="!fromFile && typed.problem" class="soft">{{ typed.problem }}</p>
    </div>
    <template v-if="trip">
      <p role="status" data-testid="trip-words">
        <strong>{{ km(trip.lengthM) }}</strong>, {{ trip.sites.length }}
        {{ trip.sites.length === 1 ? 'site' : 'sites' }} within {{ widthKm }} km of it.
        <template v-if="trip.empty.length"
          >Nothing from
          {{ trip.empty.map((one) => `${km(one.fromM)} to ${km(one.toM)}`).join(', and from ') }}.</template
        ><template v-else>No stretch without any.</template>
      </p>
      <p class="soft">Never work a radio’s settings while you drive: look before, or let somebody else.</p>
      <div v-if="table && trip.sites.length" class="scroll" tabindex="0" role="group" aria-label="Sites along the trip">
        <NearTable
          v-model:ticked="ticked"
          :sites="trip.sites"
          :unit="unit"
          trip
          :empty="trip.empty"
          @correct="emit('correct', $event)"
        />
      </div>
    </template>
  </div>
</template>

<style scoped>
.trip,
.ask {
  display: grid;
  gap: 8px;
  min-width: 0;
}

textarea {
  max-width: 420px;
  padding: 6px 8px;
  color: var(--ink);
  background: var(--raised);
  border: 1px solid var(--edge);
  border-radius: 3px;
  font-size: 13px;
}

.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 14px;
  align-items: center;
}

.acts > :first-child {
  grid-template-columns: 72px 90px;
}

.acts .el-button + .el-button {
  margin-left: 0;
}

.scroll {
  overflow-x: auto;
}
</style>
