<script setup lang="ts">
/** Which of the sites, shown how: everything stands in the address of the page. */
import { LISTED_MODES } from '@relay/core/lists/types';
import { licenceBands } from '@relay/core/units/bands';
import type { SiteFilter } from '../../sync/api';
import { usePlanStore } from '../../sync/plan-store';
import type { DistanceUnit } from './place';

defineProps<{ filter: SiteFilter; band: string; onMap: boolean; countries: readonly string[] }>();
defineEmits<{ ask: [query: Record<string, string | undefined>] }>();
const unit = defineModel<DistanceUnit>('unit', { required: true });
const store = usePlanStore();
const EVERY = 'every';
</script>

<template>
  <el-select
    :persistent="false"
    :model-value="filter.mode || EVERY"
    aria-label="Mode"
    class="mode"
    @update:model-value="$emit('ask', { mode: $event === EVERY ? undefined : String($event) })"
    ><el-option :value="EVERY" label="every mode" /><el-option
      v-for="one in LISTED_MODES"
      :key="one"
      :value="one"
      :label="one"
  /></el-select>
  <el-select
    :persistent="false"
    :model-value="band || EVERY"
    aria-label="Band"
    class="mode"
    @update:model-value="$emit('ask', { band: $event === EVERY ? undefined : String($event) })"
    ><el-option :value="EVERY" label="every band" /><el-option
      v-for="one in licenceBands(store.plan!.station)"
      :key="one.name"
      :value="one.name"
      :label="one.name"
  /></el-select>
  <el-select
    :persistent="false"
    :model-value="filter.status || EVERY"
    aria-label="Status"
    class="mode"
    @update:model-value="$emit('ask', { status: $event === EVERY ? undefined : String($event) })"
    ><el-option :value="EVERY" label="on and off" /><el-option value="on the air" label="on the air" /><el-option
      value="off the air"
      label="off the air"
  /></el-select>
  <el-select
    v-if="countries.length > 0"
    :persistent="false"
    :model-value="filter.country || EVERY"
    aria-label="Country"
    class="mode"
    @update:model-value="$emit('ask', { country: $event === EVERY ? undefined : String($event) })"
    ><el-option :value="EVERY" label="every country" /><el-option
      v-for="one in countries"
      :key="one"
      :value="one"
      :label="one"
  /></el-select>
  <input
    class="plain-input network"
    :value="filter.network"
    aria-label="Network reached"
    placeholder="network reached"
    @change="$emit('ask', { network: ($event.target as HTMLInputElement).value.trim() || undefined })"
  />
  <el-radio-group
    :model-value="onMap ? 'map' : 'list'"
    aria-label="Show as"
    @update:model-value="$emit('ask', { map: $event === 'map' ? '1' : undefined })"
    ><el-radio-button value="list">List</el-radio-button
    ><el-radio-button value="map">Map</el-radio-button></el-radio-group
  >
  <el-radio-group v-model="unit" aria-label="Distances in"
    ><el-radio-button value="km">km</el-radio-button><el-radio-button value="mi">miles</el-radio-button></el-radio-group
  >
</template>

<style scoped>
.mode {
  width: 126px;
}

.network {
  width: 132px;
}
</style>
