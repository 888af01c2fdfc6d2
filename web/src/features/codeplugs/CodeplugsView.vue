<script setup lang="ts">
import { computed, defineAsyncComponent, nextTick, onBeforeUnmount, ref, shallowRef, watch } from 'vue';
import { roomIn } from '@relay/core/codeplug/room';
import { useRoute, useRouter } from 'vue-router';
import { newChannel } from '@relay/core/registries/builder';
import type { Purpose } from '@relay/core/plan/types';
import { MODE_IDS } from '@relay/core/plan/modes/index';
import { putRow, removeRow, rows } from '@relay/core/plan/table';
import { EmptyState, PageHead } from '../../fields';
import { NextStep } from '../../panels';
import { useAct } from '../../app/use-act';
import { newId } from '../../fields/new-id';
import { usePlanStore } from '../../sync/plan-store';
import { useSettled } from '../../sync/settled';
import { BuildDrawer } from '../build';
import { MODE_PARTS } from '../modes';
import PasteDrawer from './PasteDrawer.vue';
import RefusedCells from './RefusedCells.vue';
import { columnsFor, type SheetColumn, sheetRows, type TypedCell } from './sheet';
import { useSheetView } from './use-sheet-view';
import { useTyping, wrongWords } from './use-typing';
import { moveChannels } from '@relay/core/zones/acts';
import { duplicate } from './duplicate';
import SheetTools from './SheetTools.vue';
import SideRack from './rack/SideRack.vue';

const props = defineProps<{ planId: string; radioId?: string }>();
const ChangeDrawer = defineAsyncComponent(() => import('./ChangeDrawer.vue'));
const NamesDrawer = defineAsyncComponent(() => import('./NamesDrawer.vue'));
const CodeplugSheet = defineAsyncComponent(() => import('./CodeplugSheet.vue'));
const store = usePlanStore();
const route = useRoute();
const router = useRouter();
const building = ref(false);
const naming = ref(false);
const changing = ref(false);
const sheet = ref<{
  goTo: (cell: Pick<TypedCell, 'channelId' | 'columnId'>, politely?: boolean) => Promise<void>;
} | null>(null);
/** All channels of the range that is selected. */
const range = shallowRef<readonly string[]>([]);

const plan = computed(() => store.plan!);
const radios = computed(() => rows(plan.value.radios));
const radio = computed(() => radios.value.find((one) => one.id === props.radioId) ?? radios.value[0] ?? null);
const codeplug = computed(() => (radio.value ? plan.value.codeplugs[radio.value.id]! : null));
const settled = useSettled();
const all = computed(() =>
  radio.value && settled.value ? sheetRows(settled.value.plan, radio.value.id, settled.value.verdicts) : [],
);
const modes = computed(() => (radio.value ? MODE_IDS.filter((mode) => radio.value![mode] !== null) : []));
/** Most edits change no column: the same list then, or the grid would draw itself anew. */
const columns = computed<SheetColumn[]>((before) => {
  const now = columnsFor(
    new Set(codeplug.value ? rows(codeplug.value.channels).map((channel) => channel.mode) : []),
    modes.value.length > 1,
  );
  return before?.length === now.length && now.every((column, at) => column === before[at]) ? before : now;
});
const view = useSheetView(columns, all, modes);
const { shown, shownColumns } = view;
const chosenChannel = computed(() => (selected.value ? (codeplug.value?.channels.byId[selected.value] ?? null) : null));
const panel = computed(() => (chosenChannel.value ? MODE_PARTS[chosenChannel.value.mode].ChannelPanel : undefined));
const selected = computed(() =>
  store.selection?.radioId === radio.value?.id ? (store.selection?.channelId ?? null) : null,
);

/** The channel to go to as soon as the sheet is there. */
let goal: string | null = null;
/** The channel that this page wrote into the address. */
let toldAddress: string | null = null;

async function reachGoal(): Promise<void> {
  await nextTick();
  if (!sheet.value || goal === null) return;
  const channelId = goal;
  goal = null;
  await sheet.value.goTo({ channelId, columnId: 'name' }, true);
}

/** A channel that the address names, and that was not chosen here, is gone to: from Find, or by a link. */
watch(
  [() => route.query['channel'], radio],
  ([channel]) => {
    // What this page wrote there itself may be behind the selection already.
    if (typeof channel !== 'string' || !radio.value || channel === toldAddress) return;
    if (store.selection?.channelId === channel && store.selection.radioId === radio.value.id && sheet.value) return;
    store.selection = { radioId: radio.value.id, channelId: channel };
    goal = channel;
    void reachGoal();
  },
  { immediate: true },
);
watch(sheet, () => void reachGoal());

const { refused, notTaken, type, paste, pasting, leftOut, carryOutPaste, pasteWhatFits, giveUp, forgetRefused } =
  useTyping(
    () => radio.value?.id ?? '',
    () => columns.value,
  );

/** The address follows the selection when the keys rest: to write it costs more than to move on. */
const ADDRESS_AFTER_MS = 200;
let telling = 0;
onBeforeUnmount(() => clearTimeout(telling));
// Another radio: its address is not to name a channel of the one before.
watch(
  () => props.radioId,
  () => clearTimeout(telling),
);

function select(channelId: string, all: readonly string[] = [channelId]): void {
  range.value = all;
  if (!radio.value || selected.value === channelId) return;
  store.selection = { radioId: radio.value.id, channelId };
  clearTimeout(telling);
  telling = window.setTimeout(() => {
    toldAddress = channelId;
    void router.replace({ query: { ...route.query, channel: channelId } });
  }, ADDRESS_AFTER_MS);
}

/** What can be added: through a site, and without one. */
const ADDED: readonly { purpose: Purpose; label: string }[] = [
  { purpose: 'talk', label: 'through a site' },
  { purpose: 'direct', label: 'direct, radio to radio' },
  { purpose: 'receive only', label: 'only to listen' },
];

function addChannel(purpose: Purpose): void {
  const radioId = radio.value!.id;
  const channel = newChannel(plan.value, radioId, { id: newId('ch'), purpose, like: store.selectedChannel });
  store.edit(`add ${channel.name}`, (draft) => putRow(draft.codeplugs[radioId]!.channels, channel));
  select(channel.id);
  void nextTick(() => sheet.value?.goTo({ channelId: channel.id, columnId: 'name' }));
}

useAct((name) => (name === 'add' && radio.value ? () => addChannel('talk') : undefined));

function removeChannels(): void {
  const ids = removable.value;
  const radioId = radio.value!.id;
  const at = codeplug.value!.channels.order.indexOf(ids[0]!);
  const what = ids.length === 1 ? codeplug.value!.channels.byId[ids[0]!]!.name : `${ids.length} channels`;
  store.remove(`Removed ${what}`, (draft) => {
    for (const id of ids) removeRow(draft.codeplugs[radioId]!.channels, id);
  });
  // The eye stays where it was: on what took the place of the first.
  const next = codeplug.value!.channels.order[at] ?? codeplug.value!.channels.order.at(-1);
  if (next === undefined) store.selection = null;
  else {
    select(next);
    void nextTick(() => sheet.value?.goTo({ channelId: next, columnId: 'name' }));
  }
}

/** All of the range while the selection is within it. */
const removable = computed(() => {
  const ids = range.value.filter((id) => codeplug.value?.channels.byId[id]);
  if (selected.value === null) return [];
  return ids.includes(selected.value) ? ids : [selected.value];
});

const zones = computed(() => (codeplug.value ? rows(codeplug.value.zones) : []));
const selectedRows = computed(() => {
  const ids = new Set(removable.value);
  return shown.value.filter((row) => ids.has(row.id));
});

function intoZone(zoneId: string): void {
  const radioId = radio.value!.id;
  const ids = [...removable.value];
  const { name, channelIds } = codeplug.value!.zones.byId[zoneId]!;
  store.edit(`${ids.length} to ${name}`, (draft) =>
    moveChannels(draft.codeplugs[radioId]!, ids, null, zoneId, channelIds.length),
  );
  store.notice = `${ids.length} ${ids.length === 1 ? 'channel' : 'channels'} in ${name}.`;
}

function duplicateChannels(): void {
  const radioId = radio.value!.id;
  const ids = [...removable.value];
  let made: string[] = [];
  store.edit(`duplicate ${ids.length}`, (draft) => (made = duplicate(draft, radioId, ids, () => newId('ch'))));
  const [first] = made;
  if (first === undefined) return;
  select(first);
  void nextTick(() => sheet.value?.goTo({ channelId: first, columnId: 'name' }));
}

// Another radio: what was selected and not taken belongs to the one before.
watch(
  () => radio.value?.id,
  (now, before) => {
    if (before === undefined) return;
    forgetRefused();
    range.value = [];
    if (store.selection && store.selection.radioId !== now) store.selection = null;
  },
);
</script>

<template>
  <div class="codeplugs">
    <PageHead
      :title="radio ? (radios.length > 1 ? 'Codeplug' : `Codeplug: ${radio.name}`) : 'Codeplugs'"
      :detail="codeplug ? `${codeplug.channels.order.length} channels` : ''"
    >
      <el-select
        :persistent="false"
        v-if="radios.length > 1"
        :model-value="radio!.id"
        aria-label="Radio"
        class="which"
        @update:model-value="router.push({ name: 'codeplugs', params: { planId, radioId: $event } })"
      >
        <el-option v-for="one in radios" :key="one.id" :value="one.id" :label="one.name" />
      </el-select>
      <template v-if="radio">
        <el-dropdown :persistent="false" split-button trigger="click" @click="addChannel('talk')" @command="addChannel">
          Add a channel
          <template #dropdown>
            <el-dropdown-menu>
              <el-dropdown-item v-for="one in ADDED" :key="one.purpose" :command="one.purpose">{{
                one.label
              }}</el-dropdown-item>
            </el-dropdown-menu>
          </template>
        </el-dropdown>
        <el-button @click="router.push({ name: 'compare', params: { planId } })">Compare</el-button>
        <el-button @click="router.push({ name: 'carry-out', params: { planId } })">Files and cards</el-button>
        <el-button type="primary" @click="building = true">Build from wants</el-button>
      </template>
    </PageHead>
    <EmptyState v-if="!radio" title="No radio yet">
      <p>A codeplug belongs to a radio: its channels, zones, contacts and receive lists.</p>
      <template #acts><NextStep /></template>
    </EmptyState>
    <EmptyState v-else-if="all.length === 0" title="No channel yet">
      <p>
        Channels are built from your wants, so that they agree with the hotspot and the network. You can add and change
        them by hand as well.
      </p>
      <template #acts><el-button @click="addChannel('talk')">Add a channel by hand</el-button></template>
    </EmptyState>
    <template v-else>
      <SheetTools
        :view="view"
        :columns="columns"
        :zones="zones"
        :selected="removable.length"
        :total="all.length"
        @change="changing = true"
        @zone="intoZone"
        @duplicate="duplicateChannels"
        @remove="removeChannels"
      />
      <div class="desk">
        <div class="sheet-and-panel">
          <CodeplugSheet
            ref="sheet"
            :shown="shownColumns"
            :rows="shown"
            :refused="refused"
            :selected="selected"
            @type="type"
            @paste="paste"
            @give-up="giveUp"
            @select="select"
          />
          <section v-if="notTaken.length" class="not-taken" aria-labelledby="not-taken">
            <h2 id="not-taken" class="is-broken">{{ wrongWords(notTaken.length) }}</h2>
            <RefusedCells :cells="notTaken" can-go @go="sheet?.goTo($event)" @give-up="giveUp" />
          </section>
          <component
            :is="panel"
            v-if="panel && chosenChannel"
            :radio-id="radio.id"
            :channel="chosenChannel"
            @select="select"
          />
        </div>
        <SideRack
          :radio-id="radio.id"
          :current="selected"
          :selected="removable"
          @show="sheet?.goTo({ channelId: $event, columnId: 'name' })"
          @names="naming = true"
        />
      </div>
    </template>
    <ChangeDrawer
      v-if="changing && radio"
      v-model="changing"
      :radio-id="radio.id"
      :rows="selectedRows"
      :shown="shown"
      :columns="columns"
      @type="type"
    />
    <BuildDrawer v-model="building" />
    <NamesDrawer v-if="naming && radio" v-model="naming" :radio-id="radio.id" />
    <PasteDrawer
      v-if="pasting && radio"
      :model-value="true"
      :preview="pasting.preview"
      :refused="leftOut"
      :room="roomIn(radio.limits.channels) - codeplug!.channels.order.length"
      :radio-name="radio.name"
      @update:model-value="pasting = null"
      @all="carryOutPaste(pasting)"
      @only-there="pasteWhatFits"
    />
  </div>
</template>

<style scoped>
.codeplugs {
  display: flex;
  flex-direction: column;
  height: 100%;
}

.desk {
  display: grid;
  flex: 1;
  grid-template-columns: minmax(0, 1fr) 244px;
  min-height: 0;
  padding-left: 20px;
}

.sheet-and-panel {
  display: grid;
  grid-template-rows: minmax(0, 1fr);
  grid-auto-rows: auto;
  grid-template-columns: minmax(0, 1fr);
  min-width: 0;
  min-height: 0;
}

.not-taken {
  padding: 8px 12px 8px 0;
  border-top: 2px solid var(--broken);
}

.which {
  width: 150px;
}

@media (max-width: 760px) {
  .codeplugs {
    height: auto;
  }

  .sheet-and-panel {
    grid-template-rows: 420px auto;
  }

  .desk {
    grid-template-columns: minmax(0, 1fr);
    grid-template-rows: auto;
  }
}
</style>
