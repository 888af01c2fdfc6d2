<script setup lang="ts">
/** Lists of sites, and which of their sites are near. */
import { computed, onMounted, ref, shallowRef, watch } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import { repeatersOf } from '@relay/core/plan/sites';
import { EmptyState, PageHead, TextField } from '../../fields';
import { NextStep } from '../../panels';
import { readPlace, type Taken } from '../../fields/field';
import { licenceBands } from '@relay/core/units/bands';
import { countriesOf } from '@relay/core/lists/countries';
import { markGone, takenFrom } from '@relay/core/lists/gone';
import { legBetween } from '@relay/core/units/geo/geodesic';
import type { AlongSite, FiledSite, FoundSite, ListSummary, Trip } from '@relay/core/lists/filed';
import type { Position } from '@relay/core/plan/types';
import { api, EVERY_SITE, type SiteFilter } from '../../sync/api';
import { usePlanStore } from '../../sync/plan-store';
import AddDrawer from './AddDrawer.vue';
import { useAct } from '../../app/use-act';
import { useChosen } from './chosen';
import CorrectDrawer from './CorrectDrawer.vue';
import ImportDrawer from './ImportDrawer.vue';
import { keyOf } from './listed';
import { useFound } from './use-found';
import ListsPanel from './ListsPanel.vue';
import NearTable from './NearTable.vue';
import PlanSites from './PlanSites.vue';
import SiteFilters from './SiteFilters.vue';
import SiteList from './SiteList.vue';
import SiteMap from './SiteMap.vue';
import TripPanel from './TripPanel.vue';
import { type DistanceUnit, homeOf, placeWords } from './place';

const UNIT_KEY = 'yellow-relay-distance-unit';
const store = usePlanStore();
const route = useRoute();
const router = useRouter();
const lists = shallowRef<ListSummary[] | null>(null);
const forgotten = shallowRef<ListSummary[]>([]);
const problem = ref('');
const importing = ref(false);
const correcting = shallowRef<FiledSite | null>(null);
const unit = ref<DistanceUnit>(localStorage.getItem(UNIT_KEY) === 'mi' ? 'mi' : 'km');
const mode = computed(() => String(route.query['mode'] ?? ''));
/** By its name in the address; its edges are those of the licence. */
const band = computed(() => String(route.query['band'] ?? ''));
const filter = computed<SiteFilter>(() => ({
  mode: mode.value,
  sends: licenceBands(store.plan!.station).find((one) => one.name === band.value) ?? null,
  network: String(route.query['network'] ?? ''),
  status: String(route.query['status'] ?? ''),
  country: String(route.query['country'] ?? ''),
}));
const countries = computed(() => countriesOf(lists.value ?? []));
const from = computed(
  () => (typeof route.query['from'] === 'string' ? readPlace(route.query['from']) : null) ?? homeOf(store.plan!),
);
const sought = computed(() => String(route.query['find'] ?? '').trim());
const onlyUnplaced = computed(() => route.query['place'] === 'none');
const { ticked, adding, toAdd, remember, addTicked, addAll } = useChosen(() => beside.value);

const {
  sites,
  isSought,
  hasMore,
  countWords,
  unplaced,
  load: loadNear,
  showMore,
} = useFound({ from, filter, sought, onlyUnplaced }, remember, problem);

const onMap = computed(() => route.query['map'] === '1' && view.value !== 'plan');
const siteMap = ref<InstanceType<typeof SiteMap> | null>(null);
const selected = ref<string | null>(null);
/** Picked on the map, and not among those that are listed. */
const picked = shallowRef<FoundSite | null>(null);
const trip = shallowRef<{ found: Trip; points: readonly Position[] } | null>(null);
const listed = computed<readonly (FoundSite | AlongSite)[]>(() =>
  onTrip.value ? (trip.value?.found.sites ?? []) : (sites.value ?? []),
);
const beside = computed(() =>
  picked.value && !listed.value.some((one) => keyOf(one) === keyOf(picked.value!))
    ? [picked.value, ...listed.value]
    : listed.value,
);
const positionsOf = (found: readonly FiledSite[]) =>
  found.flatMap(({ lat, lon }) => (lat === null || lon === null ? [] : [{ lat, lon }]));
/** The map begins with the nearest dozen: the farthest of sixty may be an ocean away. */
const fitted = computed(() => positionsOf(onTrip.value ? listed.value : listed.value.slice(0, 12)));

function tripFound(found: Trip, points: readonly Position[]): void {
  trip.value = { found, points };
  remember(found.sites);
}

async function pick(key: string, position: Position | null): Promise<void> {
  selected.value = key;
  if (!position || beside.value.some((one) => keyOf(one) === key)) return;
  try {
    const site = (await api.near(position, 20, EVERY_SITE)).find((one) => keyOf(one) === key);
    if (!site) return;
    remember([site]);
    picked.value = from.value ? { ...site, ...legBetween(from.value, position) } : site;
  } catch (error) {
    problem.value = (error as Error).message;
  }
}

async function loadLists(): Promise<void> {
  try {
    [lists.value, forgotten.value] = await Promise.all([api.lists(), api.lists(true)]);
  } catch (error) {
    problem.value = (error as Error).message;
  }
}

const ask = (more: Record<string, string | undefined>) => void router.replace({ query: { ...route.query, ...more } });

function takePlace(text: string): Taken {
  if (text.trim() !== '' && !readPlace(text))
    return {
      problem: `Found “${text}”, expected a locator such as HN36gr, or latitude and longitude such as 46.71, -33.42.`,
    };
  ask({ from: text.trim() || undefined });
  return null;
}

function locate(): void {
  problem.value = '';
  navigator.geolocation.getCurrentPosition(
    ({ coords }) => ask({ from: placeParam({ lat: coords.latitude, lon: coords.longitude }) }),
    (error) => (problem.value = `The device does not say where it is: ${error.message}`),
  );
}

async function imported(list: ListSummary): Promise<void> {
  store.notice = `${list.name}: ${list.sites} sites were imported.`;
  await Promise.all([changed(), tellGone(list), store.lookAround()]);
}

/** A newer version of a list may lack what the plan took from it: marked there, with a finding under Agreement. */
async function tellGone(list: ListSummary): Promise<void> {
  const taken = takenFrom(store.plan!, list.name);
  if (taken.length === 0) return;
  try {
    const { held } = await api.held(
      list.id,
      taken.map(({ listing: { callSign, module }, txHz }) => ({ callSign, module, txHz })),
    );
    const on = list.issuedOn ?? list.importedAt.slice(0, 10);
    store.edit(`what ${list.name} holds no more`, markGone(list.name, held, on));
    const gone = taken.filter((_, at) => held[at] === false).map((one) => one.name);
    if (gone.length > 0)
      store.notice = `${list.name}: ${list.sites} sites were imported. Of this plan it lacks ${gone.slice(0, 5).join(', ')}${gone.length > 5 ? ` and ${gone.length - 5} more` : ''}: marked, and told under Agreement.`;
  } catch (error) {
    problem.value = (error as Error).message;
  }
}

async function changed(): Promise<void> {
  await Promise.all([loadLists(), loadNear(), siteMap.value?.load()]);
}

/** A correction that was taken back can be put back, until another act. */
const putBack = shallowRef<{ words: string; undo: () => Promise<string> } | null>(null);

async function undoTakenBack(): Promise<void> {
  try {
    await corrected(await putBack.value!.undo());
  } catch (error) {
    problem.value = (error as Error).message;
  }
}

async function corrected(words: string, undo?: () => Promise<string>): Promise<void> {
  store.notice = words;
  putBack.value = undo ? { words, undo } : null;
  await Promise.all([loadNear(), tripPanel.value?.look()]);
}

useAct((name) => (name === 'import' ? () => (importing.value = true) : undefined));
const view = computed(() =>
  route.query['view'] === 'trip' || route.query['view'] === 'plan' ? route.query['view'] : 'near',
);
const onTrip = computed(() => view.value === 'trip');
const inPlan = computed(() => repeatersOf(store.plan!).length);
const placeParam = ({ lat, lon }: Position) => `${lat.toFixed(4)}, ${lon.toFixed(4)}`;
const TITLES = { near: 'Near me', trip: 'Along a trip', plan: 'In the plan' };
const tripPanel = ref<InstanceType<typeof TripPanel> | null>(null);
watch(filter, () => void tripPanel.value?.look(), { flush: 'post' });
watch(unit, (now) => localStorage.setItem(UNIT_KEY, now));
onMounted(() => void Promise.all([loadLists(), loadNear()]));
</script>

<template>
  <PageHead title="Sites" :detail="from ? `near ${placeWords(from)}` : 'Repeaters from lists, nearest first'"
    ><el-button :type="lists?.length ? 'default' : 'primary'" @click="importing = true">Import a list</el-button
    ><NextStep v-if="lists?.length"
  /></PageHead>
  <p v-if="problem" role="alert" class="is-broken problem">{{ problem }}</p>
  <p v-if="putBack" class="problem">{{ putBack.words }} <el-button @click="undoTakenBack">Put it back</el-button></p>
  <EmptyState
    v-if="lists?.length === 0 && forgotten.length === 0 && inPlan === 0 && view !== 'plan'"
    title="No list yet"
  >
    <p>
      Repeaters come from lists: tables that clubs and people keep, in any layout. Import one, and see what is near,
      with distance and bearing.
    </p>
    <template #acts
      ><el-button type="primary" @click="importing = true">Import a list</el-button
      ><el-button @click="ask({ view: 'plan', act: 'add' })">Enter a repeater by hand</el-button></template
    >
  </EmptyState>
  <div v-else class="body">
    <p v-if="lists === null" class="soft" role="status">Loading…</p>
    <details v-else-if="view !== 'plan' && (lists.length > 0 || forgotten.length > 0)" class="lists" :open="!onMap">
      <summary>
        {{ lists.length }} {{ lists.length === 1 ? 'list' : 'lists' }},
        {{ lists.reduce((sum, one) => sum + one.sites, 0).toLocaleString('en') }} sites
      </summary>
      <ListsPanel v-model:problem="problem" :lists="lists" :forgotten="forgotten" @zone="addAll" @changed="changed" />
    </details>
    <section aria-labelledby="near-title">
      <h2 id="near-title" class="visually-hidden">{{ TITLES[view] }}</h2>
      <div class="tools">
        <el-radio-group
          :model-value="view"
          aria-label="What to look for"
          @update:model-value="ask({ view: $event === 'near' ? undefined : String($event) })"
          ><el-radio-button value="near">Near me</el-radio-button
          ><el-radio-button value="trip">Along a trip</el-radio-button
          ><el-radio-button value="plan">In the plan{{ inPlan ? `, ${inPlan}` : '' }}</el-radio-button></el-radio-group
        >
        <TextField
          v-if="view === 'near'"
          class="from"
          label="From"
          :value="String(route.query['from'] ?? '')"
          :take="takePlace"
          mono
          placeholder="locator, or 46.71, -33.42"
        />
        <el-button v-if="view === 'near'" @click="locate">Where this device is</el-button>
        <input
          v-if="view === 'near'"
          class="plain-input seek"
          :value="sought"
          type="search"
          aria-label="Call sign, name, town or frequency"
          placeholder="call sign, name, town or MHz"
          @change="ask({ find: ($event.target as HTMLInputElement).value.trim() || undefined })"
        />
        <SiteFilters
          v-if="view !== 'plan'"
          v-model:unit="unit"
          :filter="filter"
          :band="band"
          :countries="countries"
          :on-map="onMap"
          @ask="ask"
        />
      </div>
      <div v-if="view !== 'plan' && ticked.size" class="chosen" role="status">
        <span>{{ ticked.size }} chosen</span
        ><el-button type="primary" data-testid="into-plan" @click="addTicked">Into the plan…</el-button
        ><el-button link @click="ticked = new Set()">Choose none</el-button>
      </div>
      <PlanSites v-if="view === 'plan'" />
      <TripPanel
        v-else-if="onTrip"
        ref="tripPanel"
        v-model:ticked="ticked"
        :filter="filter"
        :unit="unit"
        :home="from"
        :table="!onMap"
        @found="tripFound"
        @correct="correcting = $event"
      />
      <p v-else-if="!from && !isSought" class="soft">
        Say where you are: type a locator or a position, or give your station one.
      </p>
      <p v-else-if="sites === null" class="soft" role="status">Looking…</p>
      <p v-else-if="sites.length === 0" class="soft">
        {{
          isSought ? 'No site of this kind has these words.' : 'No site of this kind with a position is in the lists.'
        }}
      </p>
      <div v-else-if="!onMap" class="wide-table" tabindex="0" role="group" aria-label="Sites near me">
        <NearTable v-model:ticked="ticked" :sites="sites" :unit="unit" @correct="correcting = $event" />
      </div>
      <p v-if="view === 'near' && sites" class="count soft" role="status">
        <template v-if="sites.length">{{ countWords }}</template>
        <el-button v-if="hasMore" data-testid="more-sites" @click="showMore">Show more</el-button>
        <el-button v-if="isSought" link @click="ask({ find: undefined, place: undefined })"
          >Back to what is near</el-button
        >
        <el-button v-else-if="unplaced > 0" link @click="ask({ place: 'none' })"
          >{{ unplaced.toLocaleString('en') }} without a position</el-button
        >
      </p>
      <div v-if="onMap" class="side-by-side">
        <SiteMap
          ref="siteMap"
          :from="from"
          :trip="onTrip ? (trip?.points ?? []) : []"
          :mode="mode"
          :selected="selected"
          :shown="fitted"
          @select="pick"
          @middle="ask({ from: placeParam($event), view: undefined })"
        />
        <SiteList
          v-model:ticked="ticked"
          :sites="beside"
          :unit="unit"
          :selected="selected"
          @select="pick($event, null)"
          @correct="correcting = $event"
        />
      </div>
    </section>
  </div>
  <CorrectDrawer v-model="correcting" @corrected="corrected" />
  <AddDrawer v-if="adding" v-model="adding" :sites="toAdd" @added="ticked = new Set()" />
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

.lists summary {
  cursor: pointer;
}

.side-by-side {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 360px;
  gap: 14px;
}

@media (max-width: 900px) {
  .side-by-side {
    grid-template-columns: 1fr;
  }
}

.tools {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 14px;
  align-items: start;
}

.chosen {
  display: flex;
  gap: 12px;
  align-items: center;
}

.seek {
  width: 210px;
}

.count {
  display: flex;
  gap: 12px;
  align-items: center;
}

.from {
  grid-template-columns: 48px minmax(0, 250px);
}
</style>
