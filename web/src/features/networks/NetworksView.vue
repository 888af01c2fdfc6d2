<script setup lang="ts">
import { computed } from 'vue';
import { useRouter } from 'vue-router';
import { MODE_DATA } from '@relay/core/plan/modes/index';
import { freshName } from '@relay/core/plan/fresh-name';
import { newNetwork } from '@relay/core/plan/create';
import { putRow, removeRow, rows } from '@relay/core/plan/table';
import type { Network, NetworkModeId } from '@relay/core/plan/types';
import { EmptyState, MasterDetail, PageHead, SideList } from '../../fields';
import { NextStep, PlaceFindings } from '../../panels';
import { useAct } from '../../app/use-act';
import { newId } from '../../fields/new-id';
import { usePlanStore } from '../../sync/plan-store';
import { MODE_PARTS, NETWORK_PARTS } from '../modes';
import type { ModeParts } from '../modes/parts';

const props = defineProps<{ planId: string; networkId?: string }>();
const store = usePlanStore();
const router = useRouter();
const networks = computed(() => rows(store.plan!.networks));
const chosen = computed(() => networks.value.find((one) => one.id === props.networkId) ?? networks.value[0] ?? null);

function add(mode: NetworkModeId, { network }: ModeParts<NetworkModeId>): void {
  const name = freshName(
    networks.value.map((one) => one.name),
    (n) => `${network.name} ${n}`,
  );
  const fresh: Network = newNetwork(mode, newId('net'), name, store.plan!);
  store.edit(`add ${fresh.name}`, (draft) => {
    putRow(draft.networks, fresh);
    MODE_DATA[mode].blanks.networkAdded?.(draft, fresh.id);
  });
  void router.push({ name: 'networks', params: { planId: props.planId, networkId: fresh.id } });
}

useAct((name) => {
  const found = NETWORK_PARTS.find(([mode]) => name === `add-${mode}`);
  return found && (() => add(...found));
});

function detailOf(network: Network): string {
  const [number, what] = MODE_PARTS[network.mode].network.holds(network);
  return `${MODE_DATA[network.mode].name} · ${number} ${what}${number === 1 ? '' : 's'}`;
}

function remove(network: Network): void {
  store.remove(`Removed ${network.name}`, (draft) => removeRow(draft.networks, network.id));
}
</script>

<template>
  <PageHead title="Networks" :detail="`${networks.length}`"
    ><el-button v-for="[mode, parts] in NETWORK_PARTS" :key="mode" @click="add(mode, parts)"
      >Add {{ parts.network.kind }}</el-button
    ><NextStep
  /></PageHead>
  <EmptyState v-if="!chosen" title="No network yet">
    <p>
      A network carries talk groups between sites. Enter its server and the groups you know of; its own pages list them.
      D-STAR has families of reflectors instead, C4FM networks of rooms, P25 groups of its own.
    </p>
    <template #acts
      ><el-button v-for="[mode, parts] in NETWORK_PARTS" :key="mode" @click="add(mode, parts)"
        >Add {{ parts.network.kind }}</el-button
      ></template
    >
  </EmptyState>
  <MasterDetail v-else>
    <template #side
      ><SideList
        :items="networks"
        :chosen="chosen.id"
        label="Networks"
        :to="(one) => ({ name: 'networks', params: { planId, networkId: one.id } })"
        :detail="detailOf"
        :remove="remove"
    /></template>
    <PlaceFindings :under="[`/networks/byId/${chosen.id}`]" />
    <component :is="MODE_PARTS[chosen.mode].NetworkForm" :key="chosen.id" :network="chosen" />
  </MasterDetail>
</template>
