<script setup lang="ts">
/**
 * Reads a list of what networks hold (groups, rooms, reflectors) in whatever layout: what it would change is shown
 * before it does. One list may hold several networks of the mode; what belongs to none of the plan is named and left.
 */
import { computed, ref, shallowRef } from 'vue';
import { describeReadFinding } from '@relay/core/formats/format';
import { compareDirectory, putDirectory, type ReadDirectory, readDirectory } from '@relay/core/lists/directory';
import type { DirectoryEntry, DirectoryRow } from '@relay/core/lists/mode-directory';
import { networksOf } from '@relay/core/plan/networks';
import type { Network } from '@relay/core/plan/types';
import { directoryOf } from '@relay/core/registries/lists';
import { FilePick } from '../fields';
import { usePlanStore } from '../sync/plan-store';

const props = defineProps<{ network: Network }>();
const store = usePlanStore();
const directory = computed(() => directoryOf(props.network.mode));
const read = shallowRef<ReadDirectory | null>(null);
const fileTitle = ref('');
const MOST = 8;

const homeOf = (row: DirectoryRow) =>
  directory.value.homeOf ? directory.value.homeOf(store.plan!, row) : props.network.id;
const parts = computed(() => {
  const found = read.value?.rows ?? [];
  const networks: Network[] = networksOf(store.plan!, props.network.mode);
  return networks
    .map((network) => ({ network, list: found.filter((row) => homeOf(row) === network.id) }))
    .filter(({ list }) => list.length > 0)
    .map((part) => ({ ...part, ...compareDirectory(directory.value, part.network, part.list) }));
});
const strangers = computed(() => (read.value?.rows ?? []).filter((row) => homeOf(row) === null));
const news = computed(() => parts.value.reduce((sum, one) => sum + one.fresh.length + one.changed.length, 0));
const changed = computed(() => parts.value.flatMap((one) => one.changed));

/** What a row says otherwise: `name Ferry → Ferry Net`. What it does not say stays as it is. */
function changeWords({ entry, to }: { entry: DirectoryEntry; to: DirectoryRow }): string {
  const [old, now] = [entry, to] as unknown as Record<string, unknown>[];
  const keys = Object.keys(now!).filter((key) => key in old! && now![key] !== null && now![key] !== old![key]);
  return keys.map((key) => `${key} ${old![key] ?? 'not said'} → ${now![key]}`).join(', ');
}

async function choose(file: File): Promise<void> {
  const { readRaw } = await import('@relay/core/lists/raw');
  read.value = readDirectory(readRaw(new Uint8Array(await file.arrayBuffer())), directory.value, props.network);
  fileTitle.value = file.name;
}

function take(): void {
  const lists = parts.value.map(({ network, list }) => ({ id: network.id, list }));
  store.edit(`read ${fileTitle.value}`, (draft) => {
    for (const { id, list } of lists) {
      const network = draft.networks.byId[id];
      if (network) putDirectory(directory.value, network, list);
    }
  });
  store.notice = `${fileTitle.value} was read into ${parts.value.map(({ network }) => network.name).join(', ')}. Undo takes it back.`;
  read.value = null;
}
</script>

<template>
  <p class="act-row">
    <FilePick
      :label="`List of ${directory.what} for ${network.name}`"
      accept=".csv,.txt,text/csv,text/plain"
      @pick="choose"
      >Read a list of {{ directory.what }}</FilePick
    >
    <slot />
    <span class="soft">{{ directory.hint }}</span>
  </p>
  <div v-if="read" class="preview" role="status" data-testid="list-preview">
    <p v-if="parts.length === 0">
      <strong>{{ fileTitle }}:</strong>
      {{ read.rows.length === 0 ? `no ${directory.what} in it.` : `no ${directory.what} of a network of this plan.` }}
    </p>
    <p v-for="part in parts" :key="part.network.id">
      <strong>{{ part.network.name }}:</strong> {{ part.fresh.length }} new, {{ part.changed.length }} changed,
      {{ part.same }} the same.
    </p>
    <ul v-if="changed.length">
      <li v-for="one in changed.slice(0, MOST)" :key="one.entry.id">
        <span class="mono">{{ one.entry.number }}</span> {{ changeWords(one) }}
      </li>
    </ul>
    <p v-if="changed.length > MOST">and {{ changed.length - MOST }} more that change.</p>
    <p v-if="strangers.length">
      {{ strangers.length }} of networks that the plan does not have:
      {{ [...new Set(strangers.map((row) => directory.familyOf?.(row) ?? 'not said'))].join(', ') }}.
    </p>
    <ul v-if="read.rejected.length" class="is-broken">
      <li v-for="(one, i) in read.rejected.slice(0, MOST)" :key="i">{{ describeReadFinding(one) }}</li>
    </ul>
    <p v-if="read.rejected.length > MOST" class="is-broken">
      and {{ read.rejected.length - MOST }} more lines that are not taken.
    </p>
    <el-button v-if="news" type="primary" @click="take">Take {{ news }} {{ directory.what }}</el-button>
    <el-button @click="read = null">{{ news ? 'Leave it' : 'Close' }}</el-button>
  </div>
</template>

<style scoped>
label {
  position: relative;
}

label:focus-within {
  outline: 2px solid var(--ink);
  outline-offset: 2px;
}

.preview {
  padding: 8px 12px;
  background: var(--raised);
  border: 1px solid var(--hairline);
  border-left: 4px solid var(--yellow);
  border-radius: 3px;
}
</style>
