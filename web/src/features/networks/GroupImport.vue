<script setup lang="ts">
/** Reads a list of talk groups: what it would change is shown before it does. */
import { computed, ref, shallowRef } from 'vue';
import { describeReadFinding, type ReadFinding } from '@relay/core/formats/format';
import { compareGroups, type ListedGroup, putGroups } from '@relay/core/modes/dmr/groups';
import { rows } from '@relay/core/plan/table';
import { type DmrNetwork, dmrNetwork } from '@relay/core/modes/dmr/networks';
import { download, fileName } from '../../parts/download';
import { usePlanStore } from '../../sync/plan-store';

const props = defineProps<{ network: DmrNetwork }>();
const store = usePlanStore();
const list = shallowRef<readonly ListedGroup[] | null>(null);
const fileTitle = ref('');
const findings = ref<ReadFinding[]>([]);
const difference = computed(() => (list.value ? compareGroups(props.network, list.value) : null));
const nothing = computed(() => difference.value !== null && difference.value.fresh.length + difference.value.changed.length === 0);
const MOST = 12;

async function read(event: Event): Promise<void> {
  const input = event.target as HTMLInputElement;
  const file = input.files?.[0];
  if (!file) return;
  const { groupsCsv } = await import('@relay/core/formats/groups-csv');
  const result = groupsCsv.read(await file.text());
  input.value = '';
  fileTitle.value = file.name;
  list.value = result.value;
  findings.value = result.findings;
}

function take(): void {
  const groups = list.value!;
  store.edit(`${props.network.name}: read ${fileTitle.value}`, (draft) => putGroups(dmrNetwork(draft, props.network.id)!, groups));
  store.notice = `${fileTitle.value} was read into ${props.network.name}. Undo takes it back.`;
  list.value = null;
}

async function save(): Promise<void> {
  const { groupsCsv } = await import('@relay/core/formats/groups-csv');
  download(`${fileName(props.network.name)}-groups.csv`, 'text/csv', groupsCsv.write(rows(props.network.groups)));
}
</script>

<template>
  <p class="acts">
    <label class="el-button">Read a list of groups<input type="file" accept=".csv,text/csv" class="visually-hidden" :aria-label="`List of groups for ${network.name}`" @change="read" /></label>
    <el-button :disabled="network.groups.order.length === 0" @click="save">Save the list</el-button>
    <span class="soft">CSV with the columns Number, Name and Category.</span>
  </p>
  <div v-if="findings.length" role="alert" class="is-broken">
    <strong>{{ fileTitle }} was not read; nothing was changed.</strong>
    <ul><li v-for="(one, i) in findings.slice(0, MOST)" :key="i">{{ describeReadFinding(one) }}</li></ul>
    <p v-if="findings.length > MOST">and {{ findings.length - MOST }} more.</p>
  </div>
  <div v-if="difference" class="preview" role="status">
    <p><strong>{{ fileTitle }}:</strong> {{ difference.fresh.length }} new, {{ difference.changed.length }} changed, {{ difference.same }} the same.</p>
    <ul v-if="difference.changed.length"><li v-for="one in difference.changed.slice(0, MOST)" :key="one.group.id"><span class="mono">{{ one.group.number }}</span> {{ one.group.name }}, {{ one.group.category }} → {{ one.to.name }}, {{ one.to.category }}</li></ul>
    <el-button v-if="!nothing" type="primary" @click="take">Take {{ difference.fresh.length + difference.changed.length }} groups</el-button>
    <el-button @click="list = null">{{ nothing ? 'Close' : 'Leave it' }}</el-button>
  </div>
</template>

<style scoped src="../../parts/list-preview.css"></style>
