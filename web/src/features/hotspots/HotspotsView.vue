<script setup lang="ts">
import { computed } from 'vue';
import { useRouter } from 'vue-router';
import { freshName } from '@relay/core/plan/fresh-name';
import { addHotspot } from '@relay/core/plan/hotspot';
import { effectiveProfile, profilesOf } from '@relay/core/plan/profiles';
import { hotspotsOf } from '@relay/core/plan/sites';
import { removeRow, rows } from '@relay/core/plan/table';
import type { Site } from '@relay/core/plan/types';
import { formatMHz } from '@relay/core/units/quantities';
import { EmptyState, MasterDetail, PageHead, SideList } from '../../fields';
import { NextStep, PlaceFindings } from '../../panels';
import { useAct } from '../../app/use-act';
import { newId } from '../../fields/new-id';
import { usePlanStore } from '../../sync/plan-store';
import HotspotForm from './HotspotForm.vue';

const props = defineProps<{ planId: string; siteId?: string }>();
const store = usePlanStore();
const router = useRouter();
const sites = computed(() => hotspotsOf(store.plan!));
const chosen = computed(() => sites.value.find((one) => one.id === props.siteId) ?? sites.value[0] ?? null);

const START_HZ = 438_800_000;

function add(): void {
  const { callSign } = store.plan!.station;
  const id = newId('site');
  const name = freshName(
    rows(store.plan!.sites).map((one) => one.name),
    (n) => `${callSign || 'Hotspot'} ${String(n).padStart(2, '0')}`,
  );
  store.edit(`add ${name}`, (draft) => addHotspot(draft, id, name, START_HZ));
  void router.push({ name: 'hotspots', params: { planId: props.planId, siteId: id } });
}

useAct((name) => (name === 'add' ? add : undefined));

function remove(site: Site): void {
  store.remove(`Removed ${site.name}`, (draft) => removeRow(draft.sites, site.id));
}
</script>

<template>
  <PageHead title="Hotspots" :detail="chosen ? `${chosen.name} · simplex · ${formatMHz(chosen.txHz)} MHz` : ''"
    ><el-button v-if="chosen?.dmr" @click="router.push({ name: 'routes', params: { planId, siteId: chosen.id } })"
      >Routes</el-button
    ><el-button @click="add">Add a hotspot</el-button><NextStep
  /></PageHead>
  <EmptyState v-if="!chosen" title="No hotspot yet">
    <p>
      A hotspot is your own small site: it hears the radio on one frequency and passes the call to a network. Enter the
      frequency it is to use; it comes with the modes of your radios.
    </p>
    <template #acts><el-button type="primary" @click="add">Add your hotspot</el-button></template>
  </EmptyState>
  <MasterDetail v-else>
    <template #side
      ><SideList
        :items="sites"
        :chosen="chosen.id"
        label="Hotspots"
        :to="(one) => ({ name: 'hotspots', params: { planId, siteId: one.id } })"
        :detail="(one) => `${formatMHz(one.txHz)} MHz`"
        :remove="remove"
    /></template>
    <PlaceFindings
      :under="[
        `/sites/byId/${chosen.id}`,
        ...profilesOf(store.plan!, chosen.id).map((one) => `/profiles/byId/${one.id}`),
      ]"
    />
    <HotspotForm :key="chosen.id" :site="chosen" :profile="effectiveProfile(store.plan!, chosen.id)!" />
  </MasterDetail>
</template>
