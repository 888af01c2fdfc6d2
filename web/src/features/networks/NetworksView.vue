<script setup lang="ts">
import { computed } from 'vue';
import { useRouter } from 'vue-router';
import { newNetwork } from '@relay/core/plan/create';
import { putRow, removeRow, rows } from '@relay/core/plan/table';
import type { Network } from '@relay/core/plan/types';
import { EmptyState, MasterDetail, NextStep, PageHead, PlaceFindings, SideList } from '../../parts';
import { newId } from '../../parts/new-id';
import { usePlanStore } from '../../sync/plan-store';
import NetworkForm from './NetworkForm.vue';

const props = defineProps<{ planId: string; networkId?: string }>();
const store = usePlanStore();
const router = useRouter();
const networks = computed(() => rows(store.plan!.networks));
const chosen = computed(() => networks.value.find((one) => one.id === props.networkId) ?? networks.value[0] ?? null);

function add(): void {
  const network = newNetwork(newId('net'), `Network ${networks.value.length + 1}`, store.plan!.station.dmrId);
  store.edit(`add ${network.name}`, (draft) => putRow(draft.networks, network));
  void router.push({ name: 'networks', params: { planId: props.planId, networkId: network.id } });
}

function remove(network: Network): void {
  store.remove(`Removed ${network.name}`, (draft) => removeRow(draft.networks, network.id));
}
</script>

<template>
  <PageHead title="Networks" detail="Their servers, talk groups and special numbers"><el-button @click="add">Add a network</el-button><NextStep /></PageHead>
  <EmptyState v-if="!chosen" title="No network yet">
    <p>A network carries talk groups between sites. Enter its server and the groups you know of; its own pages list them.</p>
    <template #acts><el-button type="primary" @click="add">Add a network</el-button></template>
  </EmptyState>
  <MasterDetail v-else>
    <template #side><SideList :items="networks" :chosen="chosen.id" label="Networks" route="networks" param="networkId" :plan-id="planId" :detail="(one) => `DMR · ${one.groups.order.length} groups`" :remove="remove" /></template>
    <PlaceFindings :under="[`/networks/byId/${chosen.id}`]" />
    <NetworkForm :key="chosen.id" :network="chosen" />
  </MasterDetail>
</template>
