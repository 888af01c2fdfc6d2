<script setup lang="ts">
import { computed } from 'vue';
import { useRouter } from 'vue-router';
import { MODES } from '@relay/core/registries/modes';
import { freshName } from '@relay/core/plan/fresh-name';
import { newRadio } from '@relay/core/plan/create';
import { putRow, removeRow, rows } from '@relay/core/plan/table';
import type { Radio } from '@relay/core/plan/types';
import { EmptyState, MasterDetail, PageHead, SideList } from '../../fields';
import { NextStep, PlaceFindings } from '../../panels';
import { useAct } from '../../app/use-act';
import { newId } from '../../fields/new-id';
import { usePlanStore } from '../../sync/plan-store';
import RadioForm from './RadioForm.vue';

const props = defineProps<{ planId: string; radioId?: string }>();
const store = usePlanStore();
const router = useRouter();
const radios = computed(() => rows(store.plan!.radios));
const chosen = computed(() => radios.value.find((one) => one.id === props.radioId) ?? radios.value[0] ?? null);

function add(): void {
  const radio = newRadio(
    newId('radio'),
    freshName(
      radios.value.map((one) => one.name),
      (n) => (n === 1 && radios.value.length === 0 ? 'Handheld' : `Radio ${n}`),
    ),
    ['dmr', 'fm'],
    store.plan!.station,
  );
  store.edit(`add ${radio.name}`, (draft) => putRow(draft.radios, radio));
  void router.push({ name: 'radios', params: { planId: props.planId, radioId: radio.id } });
}

useAct((name) => (name === 'add' ? add : undefined));

/** Who it calls as, in each of its modes. */
function knownAs(radio: Radio): string {
  const found = Object.values(MODES)
    .map((mode) => mode.knownAs(radio))
    .filter(Boolean);
  return found.join(' · ') || (radio.fm ? 'FM' : 'no mode yet');
}

function remove(radio: Radio): void {
  store.remove(`Removed ${radio.name}`, (draft) => removeRow(draft.radios, radio.id));
}
</script>

<template>
  <PageHead title="Radios" detail="What each can hold"
    ><el-button @click="add">Add a radio</el-button><NextStep
  /></PageHead>
  <EmptyState v-if="!chosen" title="No radio yet">
    <p>
      A radio is described by what it can hold: how many channels, how long a name, which bands. The figures are in its
      manual; the ones you start with are usual for a handheld.
    </p>
    <template #acts><el-button type="primary" @click="add">Add your radio</el-button></template>
  </EmptyState>
  <MasterDetail v-else>
    <template #side
      ><SideList
        :items="radios"
        :chosen="chosen.id"
        label="Radios"
        :to="(one) => ({ name: 'radios', params: { planId, radioId: one.id } })"
        :detail="knownAs"
        :remove="remove"
    /></template>
    <PlaceFindings :under="[`/radios/byId/${chosen.id}`]" />
    <RadioForm :key="chosen.id" :radio="chosen" />
  </MasterDetail>
</template>
