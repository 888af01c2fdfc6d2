<script setup lang="ts">
/** Lists of sites, and which of their sites are near. */
import { computed, onBeforeUnmount, onMounted, ref, shallowRef, watch } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import { LISTED_MODES } from '@relay/core/lists/types';
import { EmptyState, NextStep, PageHead, TextField } from '../../parts';
import type { Taken } from '../../parts/field';
import type { FiledSite, ListSummary, NearSite } from '@relay/core/lists/filed';
import { api } from '../../sync/api';
import { usePlanStore } from '../../sync/plan-store';
import { writeCsv } from '@relay/core/formats/csv';
import { CORRECTIONS } from '@relay/core/lists/corrections';
import { download, fileName } from '../../parts/download';
import CorrectDrawer from './CorrectDrawer.vue';
import ImportDrawer from './ImportDrawer.vue';
import NearTable from './NearTable.vue';
import TripPanel from './TripPanel.vue';
import { ageDays, type DistanceUnit, homeOf, placeWords, readPlace } from './place';

const UNIT_KEY = 'yellow-relay-distance-unit';
const EVERY = 'every';
const MOST = 60;
/** A repeater list ages: common practice to doubt it after 90 days. */
const OLD_DAYS = 90;
const store = usePlanStore();
const route = useRoute();
const router = useRouter();
const lists = shallowRef<ListSummary[] | null>(null);
const sites = shallowRef<NearSite[] | null>(null);
const problem = ref('');
const importing = ref(false);
const correcting = shallowRef<FiledSite | null>(null);
const unit = ref<DistanceUnit>(localStorage.getItem(UNIT_KEY) === 'mi' ? 'mi' : 'km');
const mode = computed(() => String(route.query['mode'] ?? ''));
const from = computed(() => (typeof route.query['from'] === 'string' ? readPlace(route.query['from']) : null) ?? homeOf(store.plan!));
let asking: AbortController | null = null;

async function loadLists(): Promise<void> {
  try {
    lists.value = await api.lists();
  } catch (error) {
    problem.value = (error as Error).message;
  }
}

async function loadNear(): Promise<void> {
  asking?.abort();
  if (!from.value) return;
  const mine = (asking = new AbortController());
  problem.value = '';
  try {
    sites.value = await api.near(from.value, MOST, mode.value, mine.signal);
  } catch (error) {
    if (!mine.signal.aborted) problem.value = (error as Error).message;
  }
}

const ask = (more: Record<string, string | undefined>) => void router.replace({ query: { ...route.query, ...more } });

function takePlace(text: string): Taken {
  if (text.trim() !== '' && !readPlace(text)) return { problem: `Found “${text}”, expected a locator such as HN36gr, or latitude and longitude such as 46.71, -33.42.` };
  ask({ from: text.trim() || undefined });
  return null;
}

function locate(): void {
  problem.value = '';
  navigator.geolocation.getCurrentPosition(
    ({ coords }) => ask({ from: `${coords.latitude.toFixed(4)}, ${coords.longitude.toFixed(4)}` }),
    (error) => (problem.value = `The device does not say where it is: ${error.message}`),
  );
}

async function remove(list: ListSummary): Promise<void> {
  await api.removeList(list.id);
  store.notice = `${list.name} was forgotten, with its ${list.sites} sites. Import it again to have it back.`;
  await Promise.all([loadLists(), loadNear()]);
}

async function imported(list: ListSummary): Promise<void> {
  store.notice = `${list.name}: ${list.sites} sites were imported.`;
  await Promise.all([loadLists(), loadNear()]);
}

async function corrected(words: string): Promise<void> {
  store.notice = words;
  await Promise.all([loadNear(), tripPanel.value?.look()]);
}

/** For the keeper of the list: what to change in it. */
async function saveCorrections(list: ListSummary): Promise<void> {
  const found = await api.corrections(list.id);
  if (found.length === 0) {
    store.notice = `${list.name} has no corrections.`;
    return;
  }
  const rows = found.map((one) => [one.callSign, one.module, String(one.txHz / 1e6), CORRECTIONS[one.field].title, one.was, one.text, one.who, one.why, one.madeAt]);
  download(`${fileName(list.name)}-corrections.csv`, 'text/csv', writeCsv([['Call sign', 'Module', 'Sends MHz', 'Field', 'List says', 'Should be', 'Who', 'Why', 'When'], ...rows]));
}

const age = (list: ListSummary) => (list.issuedOn === null ? null : ageDays(list.issuedOn, Date.now()));
const onTrip = computed(() => route.query['view'] === 'trip');
const tripPanel = ref<InstanceType<typeof TripPanel> | null>(null);
watch([from, mode], loadNear, { deep: true });
watch(mode, () => void tripPanel.value?.look(), { flush: 'post' });
watch(unit, (now) => localStorage.setItem(UNIT_KEY, now));
onMounted(() => void Promise.all([loadLists(), loadNear()]));
onBeforeUnmount(() => asking?.abort());
</script>

<template>
  <PageHead title="Sites" :detail="from ? `near ${placeWords(from)}` : 'Repeaters from lists, nearest first'"><el-button :type="lists?.length ? 'default' : 'primary'" @click="importing = true">Import a list</el-button><NextStep v-if="lists?.length" /></PageHead>
  <p v-if="problem" role="alert" class="is-broken problem">{{ problem }}</p>
  <EmptyState v-if="lists?.length === 0" title="No list yet">
    <p>Repeaters come from lists: tables that clubs and people keep, in any layout. Import one, and see what is near, with distance and bearing.</p>
    <template #acts><el-button type="primary" @click="importing = true">Import a list</el-button></template>
  </EmptyState>
  <div v-else class="body">
    <section aria-labelledby="lists-title">
      <h2 id="lists-title">Lists</h2>
      <p v-if="lists === null" class="soft" role="status">Loading…</p>
      <table v-else class="plain">
        <tbody>
          <tr v-for="list in lists" :key="list.id" data-testid="list">
            <th scope="row">{{ list.name }}</th>
            <td class="mono">{{ list.sites.toLocaleString('en') }}</td>
            <td class="soft">{{ list.licence || 'no licence note' }}</td>
            <td :class="{ 'is-doubtful': (age(list) ?? 0) > OLD_DAYS }">{{ list.issuedOn === null ? 'no date' : `issued ${list.issuedOn}${age(list)! > OLD_DAYS ? `, ${age(list)} days old` : ''}` }}</td>
            <td class="acts"><el-button link :aria-label="`Corrections of ${list.name}`" @click="saveCorrections(list)">Corrections</el-button><el-button link :aria-label="`Forget ${list.name}`" @click="remove(list)">Forget</el-button></td>
          </tr>
        </tbody>
      </table>
    </section>
    <section aria-labelledby="near-title">
      <h2 id="near-title" class="visually-hidden">{{ onTrip ? 'Along a trip' : 'Near me' }}</h2>
      <div class="tools">
        <el-radio-group :model-value="onTrip ? 'trip' : 'near'" aria-label="What to look for" @update:model-value="ask({ view: $event === 'trip' ? 'trip' : undefined })"><el-radio-button value="near">Near me</el-radio-button><el-radio-button value="trip">Along a trip</el-radio-button></el-radio-group>
        <TextField v-if="!onTrip" class="from" label="From" :value="String(route.query['from'] ?? '')" :take="takePlace" mono placeholder="locator, or 46.71, -33.42" />
        <el-button v-if="!onTrip" @click="locate">Where this device is</el-button>
        <el-select :model-value="mode || EVERY" aria-label="Mode" class="mode" @update:model-value="ask({ mode: $event === EVERY ? undefined : String($event) })"><el-option :value="EVERY" label="every mode" /><el-option v-for="one in LISTED_MODES" :key="one" :value="one" :label="one" /></el-select>
        <el-radio-group v-model="unit" aria-label="Distances in"><el-radio-button value="km">km</el-radio-button><el-radio-button value="mi">miles</el-radio-button></el-radio-group>
      </div>
      <TripPanel v-if="onTrip" ref="tripPanel" :mode="mode" :unit="unit" :home="from" @correct="correcting = $event" />
      <p v-else-if="!from" class="soft">Say where you are: type a locator or a position, or give your hotspot one under Hotspots.</p>
      <p v-else-if="sites === null" class="soft" role="status">Looking…</p>
      <p v-else-if="sites.length === 0" class="soft">No site of this kind with a position is in the lists.</p>
      <div v-else class="scroll" tabindex="0" role="region" aria-label="Sites near me"><NearTable :sites="sites" :unit="unit" @correct="correcting = $event" /></div>
    </section>
  </div>
  <CorrectDrawer v-model="correcting" @corrected="corrected" />
  <ImportDrawer v-model="importing" @imported="imported" />
</template>

<style scoped>
.problem {
  padding: 0 20px 10px;
}

.body {
  display: grid;
  gap: 22px;
  padding: 4px 20px 28px;
}

section {
  display: grid;
  gap: 10px;
  min-width: 0;
}

tbody th {
  background: none;
  border-bottom: 1px solid var(--hairline);
  font-size: 13px;
}

.acts {
  text-align: right;
}

.tools {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 14px;
  align-items: start;
}

.from {
  grid-template-columns: 48px minmax(0, 250px);
}

.mode {
  width: 140px;
}

.scroll {
  overflow-x: auto;
}
</style>
