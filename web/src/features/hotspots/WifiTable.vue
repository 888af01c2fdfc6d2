<script setup lang="ts">
/** The Wi-Fi networks that a hotspot knows, by the place where they are. */
import { ref } from 'vue';
import { putRow, removeRow, rows } from '@relay/core/plan/table';
import type { ProfileValues, WifiNetwork } from '@relay/core/plan/types';
import { FieldGroup, SourceMark, TextField } from '../../fields';
import type { Taken } from '../../fields/field';
import { newId } from '../../fields/new-id';

const props = defineProps<{ profile: ProfileValues }>();
const emit = defineEmits<{ change: [label: string, recipe: (profile: ProfileValues) => void] }>();
const shown = ref(false);
const MOST = { place: 60, name: 60, password: 200 } as const;
const LABELS = { place: 'Place', name: 'Network name', password: 'Wi-Fi password' } as const;
type Key = keyof typeof MOST;

/** In a profile above a base the table is its own from the first change on. */
function change(label: string, recipe: (table: ProfileValues['wifi']) => void): void {
  emit('change', label, (of) => {
    const table = structuredClone({ byId: { ...of.wifi.byId }, order: [...of.wifi.order] });
    recipe(table);
    of.wifi = table;
  });
}

const take =
  (row: WifiNetwork, key: Key) =>
  (text: string): Taken => {
    if (text.length > MOST[key]) return { problem: `Found ${text.length} characters, expected at most ${MOST[key]}.` };
    change(`Wi-Fi ${LABELS[key].toLowerCase()}`, (table) => {
      table.byId[row.id] = { ...row, [key]: text };
    });
    return null;
  };

const PLACES = ['home', 'phone', 'car'];

function add(): void {
  const taken = rows(props.profile.wifi).map((one) => one.place);
  const place = PLACES.find((one) => !taken.includes(one)) ?? '';
  change('add a Wi-Fi network', (table) => putRow(table, { id: newId('wifi'), place, name: '', password: '' }));
}
</script>

<template>
  <FieldGroup title="Wi-Fi">
    <p class="soft">
      Several, so that it finds one at home, with your phone and in the car. <SourceMark :at="['wifi']" label="Wi-Fi" />
    </p>
    <div
      v-for="row in rows(profile.wifi)"
      :key="row.id"
      class="network"
      role="group"
      :aria-label="`Wi-Fi ${row.place || row.name}`"
    >
      <TextField :label="LABELS.place" :value="row.place" :take="take(row, 'place')" />
      <TextField :label="LABELS.name" :value="row.name" :take="take(row, 'name')" />
      <TextField
        :label="LABELS.password"
        :value="row.password"
        :take="take(row, 'password')"
        :type="shown ? 'text' : 'password'"
      />
      <el-button
        size="small"
        :aria-label="`Remove Wi-Fi ${row.place || row.name}`"
        @click="change(`without Wi-Fi ${row.place || row.name}`, (table) => removeRow(table, row.id))"
        >Remove</el-button
      >
    </div>
    <div class="acts">
      <el-button @click="add">Add a Wi-Fi network</el-button>
      <el-checkbox v-if="profile.wifi.order.length" v-model="shown">Show passwords</el-checkbox>
    </div>
  </FieldGroup>
</template>

<style scoped>
.network {
  display: grid;
  gap: 6px;
  justify-items: stretch;
  padding-bottom: 10px;
  border-bottom: 1px dashed var(--hairline);
}

.network > :deep(.el-button) {
  justify-self: start;
}

.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 16px;
  align-items: center;
}
</style>
