<script setup lang="ts">
/** The head of every page about one hotspot: which one, and what of it is looked at. */
import { computed } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import { freshName } from '@relay/core/plan/fresh-name';
import { addHotspot } from '@relay/core/plan/hotspot';
import { removeRow, rows } from '@relay/core/plan/table';
import { hotspotsOf } from '@relay/core/plan/sites';
import type { Hotspot } from '@relay/core/plan/types';
import { formatMHz } from '@relay/core/units/quantities';
import { useAct } from '../app/use-act';
import { EmptyState, PageHead } from '../fields';
import { newId } from '../fields/new-id';
import { usePlanStore } from '../sync/plan-store';
import NextStep from './NextStep.vue';

const props = defineProps<{ planId: string; site: Hotspot | null }>();
const store = usePlanStore();
const router = useRouter();
const route = useRoute();
const START_HZ = 438_800_000;
const sites = computed(() => hotspotsOf(store.plan!));

const VIEWS = [
  { name: 'hotspots', title: 'Settings' },
  { name: 'hotspot-profiles', title: 'Profiles and paths' },
  { name: 'hotspot-recall', title: 'Recall by radio' },
  { name: 'routes', title: 'Routes' },
  { name: 'hotspot-file', title: 'Settings file' },
  { name: 'hotspot-set-up', title: 'Set-up' },
] as const;
const views = computed(() => VIEWS.filter(({ name }) => name !== 'routes' || props.site?.dmr));
const to = (name: string, siteId: string) => ({ name, params: { planId: props.planId, siteId } });

function add(): void {
  const { callSign } = store.plan!.station;
  const id = newId('site');
  const name = freshName(
    rows(store.plan!.sites).map((one) => one.name),
    (n) => `${callSign || 'Hotspot'} ${String(n).padStart(2, '0')}`,
  );
  store.edit(`add ${name}`, (draft) => addHotspot(draft, id, name, START_HZ));
  void router.push(to('hotspots', id));
}

useAct((name) => (name === 'add' ? add : undefined));

function remove({ id, name }: Hotspot): void {
  store.remove(`Removed ${name}`, (draft) => removeRow(draft.sites, id));
  void router.push({ name: 'hotspots', params: { planId: props.planId } });
}

const detail = computed(() => {
  const { site } = props;
  if (!site) return '';
  const isSimplex = site.rxHz === site.txHz;
  const listens = isSimplex ? '' : `, listens on ${formatMHz(site.rxHz)}`;
  return `${isSimplex ? 'simplex' : 'duplex'} · ${formatMHz(site.txHz)}${listens} MHz`;
});
</script>

<template>
  <PageHead :title="site?.name ?? 'Hotspots'" :detail="detail">
    <el-select
      v-if="sites.length > 1"
      :model-value="site?.id"
      :persistent="false"
      filterable
      class="which"
      aria-label="Which hotspot"
      @update:model-value="router.push(to(String(route.name), $event as string))"
    >
      <el-option v-for="one in sites" :key="one.id" :value="one.id" :label="one.name" />
    </el-select>
    <el-button v-if="site" :aria-label="`Remove ${site.name}`" @click="remove(site)">Remove</el-button>
    <el-button @click="add">Add a hotspot</el-button><slot name="act"><NextStep /></slot>
  </PageHead>
  <EmptyState v-if="!site" title="No hotspot yet">
    <p>
      A hotspot is your own small site: it hears the radio on one frequency and passes the call to a network. Enter the
      frequency it is to use; it comes with the modes of your radios.
    </p>
    <template #acts><el-button type="primary" @click="add">Add your hotspot</el-button></template>
  </EmptyState>
  <template v-else>
    <nav class="views no-print" aria-label="Of this hotspot">
      <router-link
        v-for="view in views"
        :key="view.name"
        :to="to(view.name, site.id)"
        :aria-current="route.name === view.name ? 'page' : undefined"
        >{{ view.title }}</router-link
      >
    </nav>
    <slot :site="site" />
  </template>
</template>

<style scoped>
.which {
  width: 180px;
}

.views {
  display: flex;
  flex-wrap: wrap;
  gap: 0 22px;
  margin: 0 20px;
  border-bottom: 1px solid var(--hairline);
}

.views a {
  padding: 4px 0 7px;
  color: var(--ink-soft);
  text-decoration: none;
}

.views a:hover {
  color: var(--ink);
}

.views a[aria-current] {
  color: var(--ink);
  font-weight: 600;
  box-shadow: inset 0 -4px 0 var(--yellow);
}
</style>
