<script setup lang="ts">
/** The repeaters of the plan: what each has and carries, held against the channels that use it. */
import { computed } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import { freshName } from '@relay/core/plan/fresh-name';
import { newRepeater } from '@relay/core/plan/create';
import { MODE_DATA, MODE_IDS } from '@relay/core/plan/modes/index';
import { repeatersOf } from '@relay/core/plan/sites';
import { putRow, removeRow, rows } from '@relay/core/plan/table';
import type { Repeater } from '@relay/core/plan/types';
import { formatMHz } from '@relay/core/units/quantities';
import { MasterDetail, SideList } from '../../fields';
import { PlaceFindings } from '../../panels';
import { useAct } from '../../app/use-act';
import { newId } from '../../fields/new-id';
import { usePlanStore } from '../../sync/plan-store';
import RepeaterForm from './RepeaterForm.vue';

const store = usePlanStore();
const route = useRoute();
const router = useRouter();
const sites = computed(() => repeatersOf(store.plan!));
const chosen = computed(() => sites.value.find((one) => one.id === route.query['site']) ?? sites.value[0] ?? null);
const detail = (site: Repeater) =>
  `${formatMHz(site.txHz)} · ${MODE_IDS.filter((id) => site[id] !== null)
    .map((id) => MODE_DATA[id].name)
    .join(', ')}`;

/** A usual pair of the 70 cm band, to be typed over. */
const START = { txHz: 439_000_000, rxHz: 431_400_000 };

function add(): void {
  const name = freshName(
    rows(store.plan!.sites).map((one) => one.name),
    (n) => `Repeater ${n}`,
  );
  const site = newRepeater(newId('site'), name, START.txHz, START.rxHz);
  store.edit(`add ${site.name}`, (draft) =>
    putRow(draft.sites, { ...site, fm: { toneIn: null, toneOut: null, widthHz: null } }),
  );
  void router.replace({ query: { ...route.query, site: site.id } });
}

useAct((name) => (name === 'add' ? add : undefined));

function remove(site: Repeater): void {
  store.remove(`Removed ${site.name}`, (draft) => removeRow(draft.sites, site.id));
}
</script>

<template>
  <p v-if="!chosen" class="soft none">
    No repeater is in this plan yet. Tick some near you and add them, or
    <el-button link @click="add">enter one by hand</el-button>.
  </p>
  <MasterDetail v-else class="tight">
    <template #side>
      <SideList
        class="long"
        data-scrolls
        :items="sites"
        :chosen="chosen.id"
        label="Repeaters of the plan"
        :to="(one) => ({ query: { ...route.query, site: one.id } })"
        :detail="detail"
        :remove="remove"
        ><el-button @click="add">Enter one by hand</el-button></SideList
      >
    </template>
    <PlaceFindings :under="[`/sites/byId/${chosen.id}`]" />
    <RepeaterForm :key="chosen.id" :site="chosen" />
  </MasterDetail>
</template>

<style scoped>
.none {
  padding: 8px 0;
}

.tight {
  padding: 0;
}

.long {
  max-height: 70vh;
  overflow-y: auto;
}
</style>
