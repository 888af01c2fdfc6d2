<script setup lang="ts">
/** Where each number goes through one hotspot: the ribbon, a number on its way, and the rules. */
import { computed, ref, watch } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import { dmrChannels } from '@relay/core/modes/dmr/channel';
import { ADDRESS_MAX, ADDRESS_MIN, SIMPLEX_SLOT } from '@relay/core/plan/modes/dmr/limits';
import { routesOf } from '@relay/core/modes/dmr/links';
import { stretchWords } from '@relay/core/modes/dmr/routes/words';
import { travel } from '@relay/core/modes/dmr/routes/travel';
import type { RouteRule, TimeSlot } from '@relay/core/plan/modes/dmr/types';
import { editProfile, effectiveProfile, profilePointer, profilesOf } from '@relay/core/plan/profiles';
import { hotspotsOf } from '@relay/core/plan/sites';
import { rows } from '@relay/core/plan/table';
import type { CallKind, Table } from '@relay/core/plan/types';
import { parseWhole } from '@relay/core/units/quantities';
import { EmptyState, PageHead } from '../../fields';
import { HotspotFrame, NextStep, PlaceFindings } from '../../panels';
import { usePlanIndex } from '../../sync/plan-look-ups';
import { usePlanStore } from '../../sync/plan-store';
import AddNetworkDrawer from './AddNetworkDrawer.vue';
import { ribbonOf } from './ribbon';
import RibbonPicture from './RibbonPicture.vue';
import RuleTable from './RuleTable.vue';

const props = defineProps<{ planId: string; siteId: string }>();
const store = usePlanStore();
const route = useRoute();
const router = useRouter();
const site = computed(() => hotspotsOf(store.plan!).find((one) => one.id === props.siteId) ?? null);
const profile = computed(() => effectiveProfile(store.plan!, props.siteId));
/** The profile that runs, where there are several to mistake it for. */
const running = computed(() => {
  const all = site.value ? profilesOf(store.plan!, props.siteId) : [];
  return all.length > 1 ? all.find((one) => one.id === site.value!.activeProfileId)!.name : '';
});
const under = computed(() =>
  (['rules', 'selection'] as const).map((part) => profilePointer(store.plan!, props.siteId, 'dmr', part)),
);
const simplex = computed(() => site.value?.rxHz === site.value?.txHz);
const adding = ref(route.query['add'] === 'network');
const kind = ref<CallKind>(route.query['kind'] === 'private' ? 'private' : 'group');
const slot = ref<TimeSlot>(SIMPLEX_SLOT);
const text = ref(String(route.query['number'] ?? firstNumber()));

/** Something of one's own to begin with. */
function firstNumber(): number {
  const channels = rows(store.plan!.radios).flatMap((radio) => dmrChannels(store.plan!.codeplugs[radio.id]!));
  return (
    channels.find((channel) => channel.siteId === props.siteId && channel.dmr.call.kind === 'group')?.dmr.call.number ??
    9
  );
}

const number = computed(() => {
  const value = parseWhole(text.value.replace(/,/g, ''));
  return value !== null && value >= ADDRESS_MIN && value <= ADDRESS_MAX ? value : null;
});
const index = usePlanIndex();
const ribbon = computed(() => (profile.value ? ribbonOf(index.value!, props.siteId, kind.value, slot.value) : null));
const way = computed(() =>
  number.value === null || !profile.value
    ? null
    : travel(index.value!, props.siteId, { kind: kind.value, slot: slot.value, number: number.value }),
);
const networks = computed(() => rows(store.plan!.networks));
const taking = computed(() => way.value?.routed?.rule?.id ?? null);
const several = computed(() => profile.value?.dmr.selection === 'several');
const first = computed(() =>
  profile.value ? store.plan!.networks.byId[routesOf(index.value!, props.siteId).networkIds[0] ?? '']?.name : undefined,
);
const label = computed(
  () =>
    `${kind.value} calls on slot ${slot.value}: ${ribbon.value?.parts.map((part) => `${stretchWords(part)} ${part.title}${part.hidden.length ? `, ${part.hidden.join(' and ')} hidden` : ''}`).join('; ') ?? ''}`,
);

const ownQueries = new Set<string>();
watch([number, kind], ([value]) => {
  if (value === null) return;
  ownQueries.add(String(value));
  void router.replace({ query: { ...route.query, add: undefined, number: String(value), kind: kind.value } });
});

// Reached again from elsewhere, with another question.
watch(
  () => route.query,
  (query) => {
    if (query['add'] === 'network') adding.value = true;
    const asked = query['number'];
    if (route.name !== 'routes' || typeof asked !== 'string') return;
    // The address follows the typing a moment later; only what came from elsewhere is taken over.
    if (asked === text.value) ownQueries.clear();
    else if (!ownQueries.has(asked)) text.value = asked;
  },
);

function pick(value: number, of: CallKind = kind.value): void {
  kind.value = of;
  text.value = String(value);
}

function step(by: number): void {
  if (number.value !== null) text.value = String(Math.min(ADDRESS_MAX, Math.max(ADDRESS_MIN, number.value + by)));
}

function change(what: string, recipe: (rules: Table<RouteRule>) => void): void {
  store.edit(`${site.value!.name}: ${what}`, (draft) =>
    editProfile(draft, props.siteId, (profile) => recipe(profile.dmr.rules)),
  );
}

function select(on: boolean): void {
  store.edit(`${site.value!.name}: network selection ${on ? 'on' : 'off'}`, (draft) =>
    editProfile(draft, props.siteId, (profile) => void (profile.dmr.selection = on ? 'several' : 'one')),
  );
}
</script>

<template>
  <HotspotFrame v-if="site && profile && ribbon" :plan-id="planId" :site="site">
    <template #act><el-button type="primary" @click="adding = true">Add a network</el-button></template>
    <div class="body">
      <div class="ask">
        <label for="route-number">Where does</label>
        <el-radio-group v-model="kind" aria-label="Kind of call"
          ><el-radio-button value="group">group</el-radio-button
          ><el-radio-button value="private">private</el-radio-button></el-radio-group
        >
        <input
          id="route-number"
          v-model="text"
          class="mono"
          inputmode="numeric"
          autocomplete="off"
          :aria-invalid="number === null"
          aria-describedby="route-answer"
          @keydown.up.prevent="step(1)"
          @keydown.down.prevent="step(-1)"
        />
        <el-radio-group v-if="!simplex" v-model="slot" aria-label="Slot"
          ><el-radio-button :value="1">slot 1</el-radio-button
          ><el-radio-button :value="2">slot 2</el-radio-button></el-radio-group
        >
        <span>go?</span>
        <p id="route-answer" class="answer" aria-live="polite" data-testid="travel">
          <template v-if="way"
            ><strong>{{ way.words }}</strong> <span class="soft">{{ way.shown }}</span></template
          >
          <span v-else class="is-broken">Found “{{ text }}”, expected a number from 1 to 16,776,415.</span>
          <span v-if="way?.doubt" class="is-doubtful doubt"
            >{{ way.doubt }}
            <el-button v-if="way.meant !== null" size="small" @click="pick(way.meant)"
              >Show {{ way.meant }}</el-button
            ></span
          >
        </p>
      </div>
      <p class="soft caption">
        On the radio, slot {{ slot }}, {{ kind }} calls<template v-if="ribbon.dots.length"
          >; dots are your channels</template
        ><template v-if="running">. Rules of {{ running }}, the profile that runs</template>.
      </p>
      <div class="scroll" tabindex="0" role="group" aria-label="Number ribbon">
        <RibbonPicture :ribbon="ribbon" :travel="way" :label="label" @pick="pick" />
      </div>
      <PlaceFindings :under="under" />
      <div class="selection">
        <el-switch
          :model-value="several"
          aria-label="Network selection"
          @update:model-value="select($event === true)"
        />
        <span
          ><strong>Network selection {{ several ? 'on' : 'off' }}.</strong>
          {{
            several
              ? 'The rules decide which network takes a call.'
              : first
                ? `Every call goes to ${first} under the number that was sent; rules are not asked.`
                : 'No network is logged in.'
          }}</span
        >
      </div>
      <div
        v-if="several || profile.dmr.rules.order.length"
        class="scroll"
        tabindex="0"
        role="group"
        aria-label="Rules in order"
      >
        <RuleTable
          :profile="profile"
          :networks="networks"
          :simplex="simplex"
          :taking="taking"
          @change="change"
          @pick="pick"
        />
      </div>
      <p v-else class="soft">
        One network needs no rules. Press “Add a network” to have groups of two on one radio: it plans the numbers and
        says which channels change.
      </p>
    </div>
    <AddNetworkDrawer v-model="adding" :site-id="siteId" />
  </HotspotFrame>
  <template v-else>
    <PageHead title="Routes" />
    <EmptyState title="No such hotspot">
      <p>
        This plan holds no hotspot at this address. Routes belong to a hotspot: they say which network takes a call, and
        under which number.
      </p>
      <template #acts><NextStep /></template>
    </EmptyState>
  </template>
</template>

<style scoped>
.body {
  display: grid;
  gap: 10px;
  padding: 2px 20px 28px;
}

.ask {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 10px;
  align-items: center;
  min-height: 56px;
}

.ask input {
  width: 116px;
  height: 32px;
  padding: 0 10px;
  color: var(--ink);
  background: var(--raised);
  border: 1.5px solid var(--ink);
  border-radius: 3px;
  font-size: 14px;
}

.answer {
  flex: 1;
  min-width: 320px;
}

.doubt {
  display: block;
}

.caption {
  margin-bottom: -8px;
}

.scroll {
  overflow-x: auto;
}

.selection {
  display: flex;
  gap: 12px;
  align-items: center;
}
</style>
