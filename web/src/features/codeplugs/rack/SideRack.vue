<script setup lang="ts">
/** Beside the sheet: the zones of the radio, what it scans, and what it opens for. */
import { computed, defineAsyncComponent, ref } from 'vue';
import { rows } from '@relay/core/plan/table';
import { useRack } from './use-rack';
import ZoneRack from './ZoneRack.vue';

const props = defineProps<{ radioId: string; current: string | null; selected: readonly string[] }>();
const emit = defineEmits<{ show: [channelId: string]; names: [] }>();
const ScanRack = defineAsyncComponent(() => import('./ScanRack.vue'));
const ReceiveRack = defineAsyncComponent(() => import('./ReceiveRack.vue'));
const rack = useRack(() => props.radioId);
const { radio, codeplug } = rack;
const view = ref<'zones' | 'scan' | 'receive'>('zones');
const limits = computed(() => radio.value.limits);
/** Nothing where nobody has said how many it holds. */
const of = (limit: number | null) => (limit === null ? '' : `/${limit.toLocaleString('en')}`);
const receiveLists = computed(() => rows(codeplug.value.dmr.receiveLists));
const VIEWS = [
  { id: 'zones', title: 'Zones' },
  { id: 'scan', title: 'Scan' },
  { id: 'receive', title: 'Hears' },
] as const;
/** As tabs are: the arrows go on to the next, and choose it. */
function onKey(event: KeyboardEvent): void {
  const by = event.key === 'ArrowRight' ? 1 : event.key === 'ArrowLeft' ? -1 : 0;
  if (by === 0) return;
  event.preventDefault();
  const at = (VIEWS.findIndex(({ id }) => id === view.value) + by + VIEWS.length) % VIEWS.length;
  view.value = VIEWS[at]!.id;
  const tabs = (event.currentTarget as HTMLElement).parentElement!.querySelectorAll<HTMLElement>('[role=tab]');
  tabs[at]?.focus();
}

const counted = computed(() =>
  view.value === 'zones'
    ? `${codeplug.value.zones.order.length}${of(limits.value.zones)}`
    : view.value === 'scan'
      ? `${codeplug.value.scanLists.order.length}${of(limits.value.scanLists)}`
      : `${receiveLists.value.length}${of(limits.value.receiveLists)}`,
);
</script>

<template>
  <aside class="rack" aria-label="Zones and lists" data-scrolls>
    <div class="views" role="tablist" aria-label="Beside the sheet">
      <button
        v-for="one in VIEWS"
        :key="one.id"
        type="button"
        role="tab"
        :aria-selected="view === one.id"
        :tabindex="view === one.id ? 0 : -1"
        @click="view = one.id"
        @keydown="onKey"
      >
        {{ one.title }}
      </button>
      <span class="soft mono">{{ counted }}</span>
    </div>
    <ZoneRack
      v-if="view === 'zones'"
      :rack="rack"
      :current="current"
      :selected="selected"
      @show="emit('show', $event)"
    />
    <ScanRack
      v-else-if="view === 'scan'"
      :rack="rack"
      :current="current"
      :selected="selected"
      @show="emit('show', $event)"
    />
    <ReceiveRack v-else :rack="rack" :current="current" />
    <p class="soft">
      Channels <span class="mono">{{ codeplug.channels.order.length }}{{ of(limits.channels) }}</span
      ><br />Contacts <span class="mono">{{ codeplug.dmr.contacts.order.length }}{{ of(limits.contacts) }}</span>
    </p>
    <el-button link @click="emit('names')">Names: patterns and short forms</el-button>
  </aside>
</template>

<style scoped>
.rack {
  --form-label: 64px;

  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 8px;
  align-content: start;
  padding: 12px 14px;
  overflow: auto;
  border-left: 1px solid var(--hairline);
}

.views {
  display: flex;
  flex-wrap: wrap;
  gap: 2px;
  align-items: baseline;
}

.views button {
  padding: 4px 8px;
  color: inherit;
  background: none;
  border: 0;
  border-bottom: 3px solid transparent;
  font: inherit;
  cursor: pointer;
}

.views button[aria-selected='true'] {
  font-weight: 600;
  border-bottom-color: var(--yellow);
}

.views span {
  margin-left: auto;
  font-size: 12px;
}
</style>
