<script setup lang="ts">
/** Which of the sites, shown how: everything stands in the address of the page. */
import { computed } from 'vue';
import { LISTED_MODES } from '@relay/core/lists/types';
import { licenceBands } from '@relay/core/units/bands';
import type { SiteFilter } from '../../sync/api';
import { usePlanStore } from '../../sync/plan-store';
import type { DistanceUnit } from './place';

const props = defineProps<{ filter: SiteFilter; band: string; onMap: boolean; countries: readonly string[] }>();
defineEmits<{ ask: [query: Record<string, string | undefined>] }>();
const unit = defineModel<DistanceUnit>('unit', { required: true });
const store = usePlanStore();
const EVERY = 'every';

/** By the key that each has in the address; a list without countries asks for none. */
const selects = computed(() =>
  [
    { key: 'mode', label: 'Mode', every: 'every mode', value: props.filter.mode, options: LISTED_MODES },
    {
      key: 'band',
      label: 'Band',
      every: 'every band',
      value: props.band,
      options: licenceBands(store.plan!.station).map(({ name }) => name),
    },
    {
      key: 'status',
      label: 'Status',
      every: 'on and off',
      value: props.filter.status,
      options: ['on the air', 'off the air'],
    },
    { key: 'country', label: 'Country', every: 'every country', value: props.filter.country, options: props.countries },
  ].filter(({ options }) => options.length > 0),
);
</script>

<template>
  <el-select
    v-for="{ key, label, every, value, options } in selects"
    :key="key"
    :persistent="false"
    :model-value="value || EVERY"
    :aria-label="label"
    class="mode"
    @update:model-value="$emit('ask', { [key]: $event === EVERY ? undefined : String($event) })"
    ><el-option :value="EVERY" :label="every" /><el-option v-for="one in options" :key="one" :value="one" :label="one"
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
