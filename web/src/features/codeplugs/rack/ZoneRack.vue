<script setup lang="ts">
/** Zones as racks: how full each is, what is in it, in which order. */
import { defineAsyncComponent, ref } from 'vue';
import { newZone } from '@relay/core/plan/create';
import { freshName } from '@relay/core/plan/fresh-name';
import { putRow } from '@relay/core/plan/table';
import type { Zone } from '@relay/core/plan/types';
import { VirtualRows } from '../../../fields';
import { newId } from '../../../fields/new-id';
import type { Rack } from './use-rack';
import ZoneCard from './ZoneCard.vue';

const props = defineProps<{
  rack: Rack;
  current: string | null;
  /** What is selected in the sheet. */
  selected: readonly string[];
}>();
defineEmits<{ show: [channelId: string] }>();
// Whoever only looks at a codeplug needs neither.
const RuleDrawer = defineAsyncComponent(() => import('./RuleDrawer.vue'));
const RefreshDrawer = defineAsyncComponent(() => import('./RefreshDrawer.vue'));
const { zones, stale, change } = props.rack;
const newName = ref('');
const ruleOf = ref<Zone | null>(null);
const refreshing = ref(false);

function add(): void {
  const typed = newName.value.trim().slice(0, 56).trim();
  if (typed === '') return;
  const name = freshName(
    zones.value.map((zone) => zone.name),
    (n) => (n === 1 ? typed : `${typed} ${n}`),
  );
  change(`add zone ${name}`, (draft) => putRow(draft.zones, newZone(newId('zone'), name, [...props.selected])));
  newName.value = '';
}
</script>

<template>
  <p v-if="stale.length" class="stale">
    {{ stale.length === 1 ? 'One zone is' : `${stale.length} zones are` }} not what
    {{ stale.length === 1 ? 'its rule says' : 'their rules say' }}.
    <el-button link data-testid="look-refresh" @click="refreshing = true">Look</el-button>
  </p>
  <!-- A radio has hundreds of zones: those in view are drawn. -->
  <VirtualRows
    v-slot="{ row: zone, at }"
    class="zones"
    as="ul"
    :rows="zones"
    :key-of="(one) => one.id"
    :height="44"
    :gap="8"
  >
    <li :data-index="at">
      <ZoneCard :zone="zone" :rack="rack" :current="current" @show="$emit('show', $event)" @rule="ruleOf = zone" />
    </li>
  </VirtualRows>
  <form class="new" @submit.prevent="add">
    <input v-model="newName" aria-label="New zone: name" placeholder="New zone" />
    <el-button native-type="submit" :disabled="newName.trim() === ''">Add</el-button>
  </form>
  <RuleDrawer v-if="ruleOf" :model-value="true" :zone="ruleOf" :rack="rack" @update:model-value="ruleOf = null" />
  <RefreshDrawer v-if="refreshing" v-model="refreshing" :rack="rack" />
</template>

<style scoped>
.stale {
  margin: 0;
  padding: 6px 8px;
  background: var(--yellow-pale);
}

.zones {
  display: grid;
  gap: 8px;
  grid-template-columns: minmax(0, 1fr);
  margin: 0;
  padding: 0;
  list-style: none;
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
