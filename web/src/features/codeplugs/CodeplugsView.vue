<script setup lang="ts">
import { computed, defineAsyncComponent, ref, shallowRef, watch } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import type { Channel } from '@relay/core/plan/types';
import { MODE_IDS } from '@relay/core/plan/modes/index';
import { MODES } from '@relay/core/registries/modes';
import { putRow, removeRow, rows } from '@relay/core/plan/table';
import { EmptyState, PageHead } from '../../fields';
import { NextStep } from '../../panels';
import { newId } from '../../fields/new-id';
import { usePlanStore } from '../../sync/plan-store';
import { BuildDrawer } from '../build';
import { MODE_PARTS } from '../modes';
import { columnsFor, type RefusedCell, sheetRows, type TypedCell, typeCells } from './sheet';
import ZoneRack from './ZoneRack.vue';

const props = defineProps<{ planId: string; radioId?: string }>();
const CodeplugSheet = defineAsyncComponent(() => import('./CodeplugSheet.vue'));
const store = usePlanStore();
const route = useRoute();
const router = useRouter();
const building = ref(false);
const filter = ref('');
const refused = shallowRef(new Map<string, RefusedCell>());

const plan = computed(() => store.plan!);
const radios = computed(() => rows(plan.value.radios));
const radio = computed(() => radios.value.find((one) => one.id === props.radioId) ?? radios.value[0] ?? null);
const codeplug = computed(() => (radio.value ? plan.value.codeplugs[radio.value.id]! : null));
const all = computed(() => (radio.value ? sheetRows(plan.value, radio.value.id, store.agreement) : []));
const columns = computed(() =>
  columnsFor(
    new Set(codeplug.value ? rows(codeplug.value.channels).map((channel) => channel.mode) : []),
    radio.value ? MODE_IDS.filter((mode) => radio.value![mode] !== null).length > 1 : false,
  ),
);
const shown = computed(() => {
  const words = filter.value.toLowerCase().split(/\s+/).filter(Boolean);
  return words.length === 0
    ? all.value
    : all.value.filter((row) =>
        words.every((word) =>
          `${row['name']} ${row['number']} ${row['reaches']} ${row['zones']} ${row.verdict}`
            .toLowerCase()
            .includes(word),
        ),
      );
});
const chosenChannel = computed(() => (selected.value ? (codeplug.value?.channels.byId[selected.value] ?? null) : null));
const panel = computed(() => (chosenChannel.value ? MODE_PARTS[chosenChannel.value.mode].ChannelPanel : undefined));
const selected = computed(() =>
  store.selection?.radioId === radio.value?.id ? (store.selection?.channelId ?? null) : null,
);

watch(
  [() => route.query['channel'], radio],
  ([channel]) => {
    if (typeof channel === 'string' && radio.value) store.selection = { radioId: radio.value.id, channelId: channel };
  },
  { immediate: true },
);

function select(channelId: string): void {
  if (!radio.value || selected.value === channelId) return;
  store.selection = { radioId: radio.value.id, channelId };
  void router.replace({ query: { ...route.query, channel: channelId } });
}

function type(cells: TypedCell[], label: string): void {
  let wrong: RefusedCell[] = [];
  const radioId = radio.value!.id;
  store.edit(`${label}`, (draft) => {
    wrong = typeCells(draft, radioId, cells);
  });
  const next = new Map(refused.value);
  for (const cell of cells) next.delete(`${cell.channelId}/${cell.columnId}`);
  for (const cell of wrong) next.set(`${cell.channelId}/${cell.columnId}`, cell);
  refused.value = next;
  if (wrong[0]) store.notice = `${wrong[0].problem}${wrong.length > 1 ? ` ${wrong.length} cells were not taken.` : ''}`;
}

function addChannel(): void {
  const id = newId('ch');
  // A channel like the one that is selected; else of the first site.
  const like = store.selectedChannel;
  const site = (like?.siteId ? plan.value.sites.byId[like.siteId] : rows(plan.value.sites)[0]) ?? undefined;
  const mode = like?.mode ?? MODE_IDS.find((one) => !site || site[one] !== null) ?? MODE_IDS[0]!;
  const radioId = radio.value!.id;
  store.edit('add channel', (draft) => {
    const values = MODES[mode].blankChannel(site);
    putRow(draft.codeplugs[radioId]!.channels, {
      id,
      siteId: site?.id ?? null,
      destination: null,
      purpose: null,
      wantId: null,
      ...values,
      built: null,
    } as Channel);
  });
  select(id);
}

function removeChannel(): void {
  const id = selected.value;
  const radioId = radio.value!.id;
  if (!id) return;
  store.remove(`Removed ${store.selectedChannel?.name ?? 'the channel'}`, (draft) =>
    removeRow(draft.codeplugs[radioId]!.channels, id),
  );
  store.selection = null;
}
</script>

<template>
  <div class="codeplugs">
    <PageHead
      :title="radio ? (radios.length > 1 ? 'Codeplug' : `Codeplug: ${radio.name}`) : 'Codeplugs'"
      :detail="codeplug ? `${codeplug.channels.order.length} channels` : ''"
    >
      <el-select
        v-if="radios.length > 1"
        :model-value="radio!.id"
        aria-label="Radio"
        class="which"
        @update:model-value="router.push({ name: 'codeplugs', params: { planId, radioId: $event } })"
      >
        <el-option v-for="one in radios" :key="one.id" :value="one.id" :label="one.name" />
      </el-select>
      <template v-if="radio">
        <input
          v-model="filter"
          class="filter plain-input"
          aria-label="Show channels with these words"
          placeholder="Show channels with…"
        />
        <el-button @click="addChannel">Add a channel</el-button>
        <el-button :disabled="!selected" @click="removeChannel">Remove it</el-button>
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
      <template #acts><el-button @click="addChannel">Add a channel by hand</el-button></template>
    </EmptyState>
    <div v-else class="desk">
      <div class="sheet-and-panel">
        <CodeplugSheet
          :shown="columns"
          :rows="shown"
          :refused="refused"
          :selected="selected"
          @type="type"
          @select="select"
        />
        <component
          :is="panel"
          v-if="panel && chosenChannel"
          :radio-id="radio.id"
          :channel="chosenChannel"
          @select="select"
        />
      </div>
      <ZoneRack :radio="radio" :codeplug="codeplug!" :selected="selected" />
    </div>
    <BuildDrawer v-model="building" />
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
  grid-template-columns: minmax(0, 1fr) 212px;
  min-height: 0;
  padding-left: 20px;
}

.sheet-and-panel {
  display: grid;
  grid-template-rows: minmax(0, 1fr) auto;
  grid-template-columns: minmax(0, 1fr);
  min-width: 0;
  min-height: 0;
}

.which {
  width: 150px;
}

.filter {
  width: 170px;
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
