<script setup lang="ts">
/** Zones as racks: how full each is, what is in it, in which order. Drag, or move by keyboard. */
import { newZone } from '@relay/core/plan/create';
import { VueDraggable } from 'vue-draggable-plus';
import { computed, ref } from 'vue';
import { roomIn } from '@relay/core/codeplug/room';
import { freshName } from '@relay/core/plan/fresh-name';
import { putRow, removeRow, rows } from '@relay/core/plan/table';
import type { Codeplug, Radio } from '@relay/core/plan/types';
import { TextField } from '../../fields';
import { namesBeside, takeName } from '../../fields/field';
import { newId } from '../../fields/new-id';
import { usePlanStore } from '../../sync/plan-store';

const props = defineProps<{ radio: Radio; codeplug: Codeplug; selected: string | null }>();
const store = usePlanStore();
const openId = ref<string | null>(null);
const newName = ref('');
const zones = computed(() => rows(props.codeplug.zones));
const channelsIn = (ids: readonly string[]) =>
  ids.map((id) => ({ id, name: props.codeplug.channels.byId[id]?.name ?? id }));

function change(label: string, recipe: (codeplug: Codeplug) => void): void {
  store.edit(label, (draft) => recipe(draft.codeplugs[props.radio.id]!));
}

function reorder(zoneId: string, ids: string[]): void {
  const zone = props.codeplug.zones.byId[zoneId]!;
  change(`order of ${zone.name}`, (codeplug) => void (codeplug.zones.byId[zoneId]!.channelIds = ids));
}

function move(zoneId: string, at: number, step: number): void {
  const ids = [...props.codeplug.zones.byId[zoneId]!.channelIds];
  const to = at + step;
  if (to < 0 || to >= ids.length) return;
  ids.splice(to, 0, ...ids.splice(at, 1));
  reorder(zoneId, ids);
}

function add(): void {
  const typed = newName.value.trim().slice(0, 56).trim();
  if (typed === '') return;
  const name = freshName(
    zones.value.map((zone) => zone.name),
    (n) => (n === 1 ? typed : `${typed} ${n}`),
  );
  const selected = props.selected;
  change(`add zone ${name}`, (codeplug) =>
    putRow(codeplug.zones, newZone(newId('zone'), name, selected ? [selected] : [])),
  );
  newName.value = '';
}

/** Nothing where nobody has said how many it holds. */
const ofMost = (limit: number | null) => (limit === null ? '' : ` of ${limit.toLocaleString('en')}`);
const perZone = computed(() => roomIn(props.radio.limits.channelsPerZone));
</script>

<template>
  <aside class="rack" aria-label="Zones">
    <h2>
      Zones <span class="soft">{{ zones.length }}{{ ofMost(radio.limits.zones) }}</span>
    </h2>
    <section
      v-for="zone in zones"
      :key="zone.id"
      v-memo="[zone, radio, openId === zone.id && codeplug, openId === zone.id && selected]"
      class="zone"
      :class="{ over: zone.channelIds.length > perZone }"
    >
      <button
        type="button"
        class="zone-head"
        :aria-expanded="openId === zone.id"
        @click="openId = openId === zone.id ? null : zone.id"
      >
        <span>{{ zone.name }}</span>
        <span class="mono"
          >{{ zone.channelIds.length
          }}{{ radio.limits.channelsPerZone === null ? '' : `/${radio.limits.channelsPerZone}` }}</span
        >
        <span v-if="radio.limits.channelsPerZone !== null" class="gauge" aria-hidden="true"
          ><i :style="{ width: `${Math.min(100, (100 * zone.channelIds.length) / perZone)}%` }"
        /></span>
      </button>
      <template v-if="openId === zone.id">
        <VueDraggable
          :model-value="channelsIn(zone.channelIds)"
          tag="ol"
          :animation="120"
          @update:model-value="
            reorder(
              zone.id,
              $event.map((one: { id: string }) => one.id),
            )
          "
        >
          <li
            v-for="(channel, at) in channelsIn(zone.channelIds)"
            :key="channel.id"
            :class="{ here: channel.id === selected }"
          >
            <span>{{ channel.name }}</span>
            <button
              type="button"
              :aria-label="`Move ${channel.name} up`"
              :disabled="at === 0"
              @click="move(zone.id, at, -1)"
            >
              ↑
            </button>
            <button
              type="button"
              :aria-label="`Move ${channel.name} down`"
              :disabled="at === zone.channelIds.length - 1"
              @click="move(zone.id, at, 1)"
            >
              ↓
            </button>
          </li>
        </VueDraggable>
        <TextField
          bare
          :label="`Name of zone ${zone.name}`"
          :value="zone.name"
          :take="
            (text) =>
              takeName(
                text,
                60,
                (name) => change(`zone ${name}`, (codeplug) => void (codeplug.zones.byId[zone.id]!.name = name)),
                namesBeside(codeplug.zones, zone.id),
              )
          "
        />
        <el-button link @click="change(`remove zone ${zone.name}`, (codeplug) => removeRow(codeplug.zones, zone.id))"
          >Remove the zone</el-button
        >
      </template>
    </section>
    <form class="new" @submit.prevent="add">
      <input v-model="newName" aria-label="New zone: name" placeholder="New zone" />
      <el-button native-type="submit" :disabled="newName.trim() === ''">Add</el-button>
    </form>
    <p class="soft">
      Channels <span class="mono">{{ codeplug.channels.order.length }}{{ ofMost(radio.limits.channels) }}</span
      ><br />Contacts
      <span class="mono">{{ codeplug.dmr.contacts.order.length }}{{ ofMost(radio.limits.contacts) }}</span>
    </p>
  </aside>
</template>

<style scoped>
.rack {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 8px;
  align-content: start;
  padding: 12px 14px;
  overflow: auto;
  border-left: 1px solid var(--hairline);
}

h2 .soft {
  font-weight: 400;
}

.zone {
  padding: 7px 10px;
  background: var(--raised);
  border: 1px solid var(--hairline);
  border-radius: 3px;
}

.over {
  border-color: var(--broken);
}

.zone-head {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 4px;
  width: 100%;
  padding: 0;
  color: inherit;
  background: none;
  border: 0;
  font: inherit;
  text-align: left;
  cursor: pointer;
}

.gauge {
  grid-column: 1 / -1;
  height: 5px;
  background: var(--sunk);
}

.gauge i {
  display: block;
  height: 5px;
  background: var(--ink);
}

.over .gauge i {
  background: var(--broken);
}

ol {
  margin: 8px 0 4px;
  padding: 0;
  list-style: none;
}

li {
  display: grid;
  grid-template-columns: 1fr auto auto;
  gap: 4px;
  padding: 2px 0;
  align-items: center;
  border-top: 1px solid var(--hairline);
  cursor: grab;
}

li button {
  min-width: 24px;
  height: 24px;
  padding: 0;
  color: inherit;
  background: none;
  border: 1px solid transparent;
  border-radius: 3px;
}

li button:not(:disabled):hover {
  border-color: var(--hairline);
}

li button:disabled {
  opacity: 0.3;
}

.here {
  font-weight: 700;
}

.new {
  display: flex;
  gap: 6px;
}

.new input {
  min-width: 0;
  height: 32px;
  flex: 1;
  padding: 0 8px;
  color: var(--ink);
  background: var(--raised);
  border: 1px dashed var(--edge);
  border-radius: 3px;
  font: inherit;
}
</style>
