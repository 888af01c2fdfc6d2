<script setup lang="ts">
import { computed } from 'vue';
import { useRouter } from 'vue-router';
import { isDmrNetwork } from '@relay/core/modes/dmr/networks';
import { modeOf } from '@relay/core/modes/registry';
import { newNetwork } from '@relay/core/plan/create';
import { putRow, removeRow, rows } from '@relay/core/plan/table';
import type { Network } from '@relay/core/plan/types';
import { EmptyState, MasterDetail, NextStep, PageHead, PlaceFindings, SideList } from '../../parts';
import { newId } from '../../parts/new-id';
import { usePlanStore } from '../../sync/plan-store';
import DmrNetworkForm from './DmrNetworkForm.vue';
import { MODE_PARTS, MODES_WITH_PARTS, type ModeParts } from '../modes';

const props = defineProps<{ planId: string; networkId?: string }>();
const store = usePlanStore();
const router = useRouter();
const networks = computed(() => rows(store.plan!.networks));
const chosen = computed(() => networks.value.find((one) => one.id === props.networkId) ?? networks.value[0] ?? null);

function add(network: Network): void {
  store.edit(`add ${network.name}`, (draft) => {
    putRow(draft.networks, network);
    modeOf(network.mode).fresh.network?.(draft, network.id);
  });
  void router.push({ name: 'networks', params: { planId: props.planId, networkId: network.id } });
}

const addDmr = () => add(newNetwork(newId('net'), `Network ${networks.value.length + 1}`, store.plan!.station.dmrId));

const addOf = ({ network }: ModeParts) => add(network.fresh(newId('net'), store.plan!));

function detailOf(network: Network): string {
  const [number, what] = isDmrNetwork(network) ? [network.groups.order.length, 'group'] : MODE_PARTS[network.mode]!.network.holds(network);
  return `${modeOf(network.mode).name} · ${number} ${what}${number === 1 ? '' : 's'}`;
}

function remove(network: Network): void {
  store.remove(`Removed ${network.name}`, (draft) => removeRow(draft.networks, network.id));
}
</script>

<template>
  <PageHead title="Networks" :detail="`${networks.length}`"><el-button @click="addDmr">Add a DMR network</el-button><el-button v-for="[mode, parts] in MODES_WITH_PARTS" :key="mode" @click="addOf(parts)">Add {{ parts.network.kind }}</el-button><NextStep /></PageHead>
  <EmptyState v-if="!chosen" title="No network yet">
    <p>A network carries talk groups between sites. Enter its server and the groups you know of; its own pages list them. D-STAR has families of reflectors instead, C4FM networks of rooms, P25 groups of its own.</p>
    <template #acts><el-button type="primary" @click="addDmr">Add a DMR network</el-button><el-button v-for="[mode, parts] in MODES_WITH_PARTS" :key="mode" @click="addOf(parts)">Add {{ parts.network.kind }}</el-button></template>
  </EmptyState>
  <MasterDetail v-else>
    <template #side><SideList :items="networks" :chosen="chosen.id" label="Networks" :to="(one) => ({ name: 'networks', params: { planId, networkId: one.id } })" :detail="detailOf" :remove="remove" /></template>
    <PlaceFindings :under="[`/networks/byId/${chosen.id}`]" />
    <DmrNetworkForm v-if="isDmrNetwork(chosen)" :key="chosen.id" :network="chosen" />
    <component :is="MODE_PARTS[chosen.mode]!.NetworkForm" v-else :key="chosen.id" :network="chosen" />
  </MasterDetail>
</template>
