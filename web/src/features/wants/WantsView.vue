<script setup lang="ts">
import { computed, defineAsyncComponent, onMounted, ref } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import { putDirectory, unlistedRow } from '@relay/core/lists/directory';
import { destinationKey } from '@relay/core/plan/destination-key';
import { rows } from '@relay/core/plan/table';
import { directoryOf } from '@relay/core/registries/lists';
import { EmptyState, PageHead, PickBox, VirtualRows } from '../../fields';
import { narrowed } from '../../fields/narrow';
import { NextStep } from '../../panels';
import { newId } from '../../fields/new-id';
import { usePlanStore } from '../../sync/plan-store';
import { BuildDrawer, RulesDrawer } from '../build';
import { boardRows, type BoardRow, chipsOf, isUnbuilt, toggleWant, type Way } from './board';

const BringDrawer = defineAsyncComponent(() => import('./BringDrawer.vue'));
const props = defineProps<{ planId: string }>();
const store = usePlanStore();
const route = useRoute();
const router = useRouter();
const filter = ref(String(route.query['find'] ?? ''));
const wantedOnly = ref(false);
const building = ref(false);
const bringing = ref(false);
const ruling = ref(false);
const dragged = ref<BoardRow | null>(null);
const over = ref<string | null>(null);

const plan = computed(() => store.plan!);
const radios = computed(() => rows(plan.value.radios));
const all = computed(() => boardRows(plan.value, store.verdicts, filter.value));
const shown = computed(() =>
  narrowed(
    wantedOnly.value ? all.value.filter((row) => row.wanted) : all.value,
    filter.value,
    (row) => `${row.name} ${row.address} ${row.category} ${row.networkName}`,
  ),
);
/** Something is wanted that no channel serves yet: building is the next act. */
const unbuilt = computed(() => store.agreement !== null && isUnbuilt(plan.value));
/** A number that no list has can be wanted all the same: it is put into the list of a network. */
const unlisted = computed(() => {
  const typed = filter.value.trim();
  // One number, and none of those in view.
  if (
    !/^\S*\d\S*$/.test(typed) ||
    shown.value.some((row) => row.category !== 'station' && row.address.split(' ').includes(typed))
  )
    return [];
  return rows(plan.value.networks).flatMap((network) => {
    const row = unlistedRow(directoryOf(network.mode), network, typed);
    return row ? [{ network, row }] : [];
  });
});

function addUnlisted({ network, row }: (typeof unlisted.value)[number]): void {
  store.edit(`add ${filter.value.trim()} to ${network.name}`, (draft) => {
    const there = draft.networks.byId[network.id];
    if (there) putDirectory(directoryOf(there.mode), there, [row]);
  });
  store.notice = `${filter.value.trim()} is in the list of ${network.name} now. Press a site to want it.`;
}

const missing = computed(() => {
  if (plan.value.radios.order.length === 0)
    return { text: 'Add a radio first: a want says on which radio.', route: 'radios', label: 'Add a radio' };
  if (plan.value.sites.order.length === 0)
    return {
      text: 'Add your hotspot or a repeater first: a want says through which site.',
      route: 'hotspots',
      label: 'Add a hotspot',
    };
  if (all.value.length === 0)
    return {
      text: 'Add a network and its groups first: they are what can be wanted.',
      route: 'networks',
      label: 'Add a network',
    };
  return null;
});

function toggle(row: BoardRow, radioId: string, way: Way): void {
  store.edit(way.want ? `no longer want ${row.name}` : `want ${row.name}`, (draft) =>
    toggleWant(draft, newId('want'), row.destination, radioId, way),
  );
}

function addThrough(row: BoardRow, radioId: string, siteId: string): void {
  const way = row.cells.find((cell) => cell.radioId === radioId)?.ways.find((one) => one.siteId === siteId);
  if (way) toggle(row, radioId, way);
}

/** A destination dropped on a radio is wanted there through its first site that is free. */
function drop(radioId: string): void {
  over.value = null;
  const row = dragged.value;
  const way = row?.cells.find((cell) => cell.radioId === radioId)?.ways.find((one) => one.want === null);
  if (row && way) toggle(row, radioId, way);
}

/** What comes first where a radio has not room for all. */
function rank(row: BoardRow, value: string): void {
  const key = destinationKey(row.destination);
  store.edit(`${row.name} comes ${value || 'between'}`, (draft) => {
    if (value === 'first' || value === 'last') draft.priorities[key] = value;
    else delete draft.priorities[key];
  });
}

const VERDICT_WORDS = { whole: 'whole', doubtful: 'doubtful', broken: 'broken' } as const;
/** Until the plan has been checked nothing is said of what became of a want. */
const pressed = (way: Way) =>
  way.want ? (way.verdict ? VERDICT_WORDS[way.verdict] : store.agreement ? 'not built yet' : 'wanted') : 'not wanted';
onMounted(() => {
  if (route.query['build']) building.value = true;
});
</script>

<template>
  <PageHead title="Wants" :detail="`${plan.wants.order.length} wanted`">
    <el-button
      :type="unbuilt ? 'primary' : 'default'"
      :disabled="plan.wants.order.length === 0"
      data-testid="build"
      @click="building = true"
      >Build from wants</el-button
    >
    <el-button
      v-if="radios.length > 1"
      :disabled="plan.wants.order.length === 0"
      data-testid="bring"
      @click="bringing = true"
      >Bring radios along</el-button
    >
    <el-button data-testid="rules" @click="ruling = true">Rules for channels</el-button>
    <NextStep v-if="!unbuilt" />
  </PageHead>
  <EmptyState v-if="missing" title="Nothing can be wanted yet">
    <p>{{ missing.text }}</p>
    <template #acts
      ><el-button type="primary" @click="router.push({ name: missing.route, params: { planId: props.planId } })">{{
        missing.label
      }}</el-button></template
    >
  </EmptyState>
  <div v-else class="board">
    <div class="tools">
      <input
        v-model="filter"
        class="filter plain-input"
        aria-label="Show destinations with these words"
        placeholder="Part of a name or number"
      />
      <el-checkbox v-model="wantedOnly">Only what is wanted</el-checkbox>
      <span class="soft"
        >Press a site to want the destination through it, or drag a destination onto a radio.{{
          [
            radios.some((one) => one.dstar) ? ' Type a call sign to be routed to it.' : '',
            radios.some((one) => one.dmr) ? ' Type somebody’s DMR ID to call them privately.' : '',
          ].join('')
        }}</span
      >
    </div>
    <div class="wide-table" tabindex="0" role="group" aria-label="Wants board">
      <table class="plain">
        <thead>
          <tr>
            <th scope="col">Destination</th>
            <th scope="col">Called as</th>
            <th scope="col">Network</th>
            <th
              v-for="radio in radios"
              :key="radio.id"
              scope="col"
              class="radio"
              :class="{ over: over === radio.id }"
              @dragover.prevent="over = radio.id"
              @dragleave="over = null"
              @drop.prevent="drop(radio.id)"
            >
              {{ radio.name }}
            </th>
          </tr>
        </thead>
        <VirtualRows v-slot="{ row, at }" :rows="shown" :key-of="(one) => one.key" :height="40">
          <tr :data-index="at" draggable="true" @dragstart="dragged = row" @dragend="((dragged = null), (over = null))">
            <th scope="row" class="name">
              {{ row.name }} <span class="soft">{{ row.category }}</span>
              <select
                v-if="row.wanted && radios.length > 1"
                class="priority"
                :aria-label="`${row.name} comes, where a radio is full`"
                :value="plan.priorities[destinationKey(row.destination)] ?? ''"
                @change="rank(row, ($event.target as HTMLSelectElement).value)"
              >
                <option value="">–</option>
                <option value="first">first</option>
                <option value="last">last</option>
              </select>
            </th>
            <td class="mono called">
              {{ row.address
              }}<span v-for="number in row.onRadio" :key="number" class="soft" :title="`On the radio, ${number}`">
                · radio {{ number }}</span
              >
            </td>
            <td>{{ row.networkName }}</td>
            <td
              v-for="cell in row.cells"
              :key="cell.radioId"
              @dragover.prevent="over = cell.radioId"
              @drop.prevent="drop(cell.radioId)"
            >
              <button
                v-for="way in chipsOf(cell.ways).chips"
                :key="way.siteId"
                type="button"
                class="chip"
                :class="[{ 'chip--on': way.want }, way.verdict ? `chip--${way.verdict}` : '']"
                :aria-pressed="way.want !== null"
                :aria-label="`${row.name} through ${way.siteName}${way.how ? `, ${way.how}` : ''}: ${pressed(way)}`"
                @click="toggle(row, cell.radioId, way)"
              >
                {{ way.siteName }}<span v-if="way.how" class="state">{{ way.how }}</span
                ><span v-if="way.want" class="state">{{ pressed(way) }}</span>
              </button>
              <PickBox
                v-if="chipsOf(cell.ways).others.length"
                class="more"
                value=""
                placeholder="through…"
                :label="`${row.name} through another site`"
                :options="
                  chipsOf(cell.ways).others.map((way) => ({
                    value: way.siteId,
                    label: way.how ? `${way.siteName}, ${way.how}` : way.siteName,
                  }))
                "
                @choose="addThrough(row, cell.radioId, $event)"
              />
            </td>
          </tr>
        </VirtualRows>
      </table>
    </div>
    <p v-if="shown.length === 0 && unlisted.length === 0" class="soft none">No destination has these words.</p>
    <p v-if="unlisted.length" class="none" data-testid="unlisted">
      {{ filter.trim() }} is in no list of this plan. If you know it:
      <el-button v-for="one in unlisted" :key="one.network.id" @click="addUnlisted(one)"
        >Add it to {{ one.network.name }}</el-button
      >
    </p>
  </div>
  <BringDrawer v-if="bringing" v-model="bringing" />
  <RulesDrawer
    v-if="ruling"
    v-model="ruling"
    @build="
      ruling = false;
      building = true;
    "
  />
  <BuildDrawer v-model="building" />
</template>

<style scoped>
.board {
  padding: 0 20px 28px;
}

.tools {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 18px;
  align-items: center;
  margin-bottom: 10px;
}

.filter {
  width: 240px;
}

.name {
  background: none;
  border-bottom: 1px solid var(--hairline);
  font-size: 13px;
  cursor: grab;
}

.name {
  min-width: 128px;
}

.called {
  min-width: 88px;
}

.name .soft {
  font-weight: 400;
}

.priority {
  margin-left: 4px;
  color: var(--ink-soft);
  background: none;
  border: 1px solid var(--hairline);
  border-radius: 3px;
  font: inherit;
  font-weight: 400;
}

.over {
  box-shadow: inset 0 -4px 0 var(--yellow);
}

.chip {
  display: inline-flex;
  margin: 2px 6px 2px 0;
  flex-wrap: wrap;
  gap: 0 8px;
  width: max-content;
  max-width: 180px;
  min-height: 26px;
  padding: 2px 9px;
  align-items: center;
  text-align: left;
  vertical-align: top;
  color: var(--ink-soft);
  background: none;
  border: 1px dashed var(--edge);
  border-radius: 3px;
  font: inherit;
  cursor: pointer;
}

.chip--on {
  color: var(--ink);
  background: var(--raised);
  border: 1px solid var(--ink);
  box-shadow: inset 0 -3px 0 var(--edge);
  font-weight: 600;
}

.chip .state {
  color: var(--ink-soft);
  font-weight: 400;
}

.chip--whole {
  box-shadow: inset 0 -3px 0 var(--yellow);
}

.chip--broken {
  border-color: var(--broken);
  box-shadow: none;
}

.chip--broken .state {
  color: var(--broken);
}

.chip--doubtful {
  border: 1px dashed var(--doubtful);
}

.chip--doubtful .state {
  color: var(--doubtful);
}

.more {
  display: inline-block;
  width: 124px;
  vertical-align: top;
}

.none {
  padding: 16px 8px;
}
</style>
