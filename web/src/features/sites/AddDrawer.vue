<script setup lang="ts">
/** Sites of lists into the plan, and on request channels and a zone of them in a radio, as one edit. */
import { computed, ref, watch } from 'vue';
import type { ZoneReport } from '@relay/core/builder/zones';
import { buildZones } from '@relay/core/registries/builder';
import { asRepeater, refreshed } from '@relay/core/registries/lists';
import type { FiledSite } from '@relay/core/lists/filed';
import { inPlan, objectionTo, reachedOf } from '@relay/core/lists/as-repeater';
import { dmrNetworks, likelyNetwork } from '@relay/core/modes/dmr/networks';
import { putRow, rows } from '@relay/core/plan/table';
import type { Id } from '@relay/core/plan/types';
import { formatMHz } from '@relay/core/units/quantities';
import { newId } from '../../fields/new-id';
import { usePlanStore } from '../../sync/plan-store';
import { keyOf } from './listed';

const open = defineModel<boolean>({ required: true });
const props = defineProps<{ sites: readonly FiledSite[] }>();
const emit = defineEmits<{ added: [] }>();
const store = usePlanStore();
const plan = computed(() => store.plan!);
const radios = computed(() => rows(plan.value.radios));
const networks = computed(() => dmrNetworks(plan.value));
const NONE = 'none';
const linked = ref<Record<string, Id | typeof NONE>>({});
/** What is proposed where the list names no network: a guess, with its reason. */
const guesses = computed(
  () =>
    new Map(
      items.value.flatMap(({ site, key }) => {
        const guess = site.modes.includes('DMR') && !namedNetwork(site) ? likelyNetwork(plan.value, site.groups) : null;
        return guess ? [[key, guess] as const] : [];
      }),
    ),
);
function guessWords(key: string): string {
  const guess = guesses.value.get(key);
  return guess && guess.id === linked.value[key] ? `guessed: it knows ${guess.knows} of its groups` : '';
}
const namedNetwork = (site: FiledSite): Id | null => reachedOf(plan.value, 'dmr', site.networks)[0] ?? null;
const radioId = ref<Id | typeof NONE>(NONE);
const zone = ref('Near home');
const report = ref<ZoneReport | null>(null);
const listOf = (site: FiledSite) => ({ name: site.listName, issuedOn: site.listIssuedOn });
const items = computed(() =>
  props.sites.map((site) => {
    const [there, objection] = [inPlan(plan.value, site), objectionTo(site)];
    return {
      site,
      key: keyOf(site),
      there,
      objection,
      update: there && !objection ? refreshed(plan.value, there, { site, list: listOf(site) }) : null,
    };
  }),
);
/** Repeaters of the plan of which the list says something else now. */
const outdated = computed(() => items.value.filter((one) => (one.update?.changes.length ?? 0) > 0));
const fresh = computed(() => items.value.filter((one) => !one.there && !one.objection));
const usable = computed(() => items.value.filter((one) => one.there || !one.objection));
const MOST_SHOWN = 40;
const words = computed(() => {
  const many = (count: number) => `${count} ${count === 1 ? 'repeater' : 'repeaters'}`;
  const acts = [
    fresh.value.length > 0 ? `add ${many(fresh.value.length)}` : '',
    outdated.value.length > 0 ? `bring ${many(outdated.value.length)} up to date` : '',
    radioId.value === NONE ? '' : 'make the zone',
  ].filter(Boolean);
  const text =
    acts.length === 0
      ? 'nothing to do'
      : acts.length < 3
        ? acts.join(' and ')
        : `${acts.slice(0, -1).join(', ')} and ${acts.at(-1)}`;
  return text.charAt(0).toUpperCase() + text.slice(1);
});
const ready = computed(() =>
  radioId.value === NONE
    ? fresh.value.length + outdated.value.length > 0
    : usable.value.length > 0 && zone.value.trim() !== '',
);

watch(
  open,
  (now) => {
    if (!now) return;
    report.value = null;
    linked.value = Object.fromEntries(
      items.value
        .filter(({ site }) => site.modes.includes('DMR'))
        .map(({ site, key }) => [key, namedNetwork(site) ?? guesses.value.get(key)?.id ?? NONE]),
    );
    radioId.value = radios.value[0]?.id ?? NONE;
  },
  { immediate: true },
);

function add(): void {
  let done: ZoneReport | null = null;
  const chosen = radioId.value;
  const added = fresh.value.length;
  const updated = outdated.value.length;
  store.edit(words.value.toLowerCase(), (draft) => {
    const siteIds: Id[] = [];
    for (const { site, key, there, objection, update } of items.value) {
      if (there) {
        if (update?.changes.length) draft.sites.byId[there.id] = update.site;
        siteIds.push(there.id);
      } else if (!objection) {
        const networkId = linked.value[key];
        const repeater = asRepeater(newId('site'), { site, list: listOf(site) }, plan.value);
        if (repeater.dmr?.carries)
          repeater.dmr.carries.networkId = networkId === NONE || networkId === undefined ? null : networkId;
        putRow(draft.sites, repeater);
        siteIds.push(repeater.id);
      }
    }
    if (chosen !== NONE) done = buildZones(draft, { radioId: chosen, siteIds, name: zone.value.trim().slice(0, 60) });
  });
  const result = done as ZoneReport | null;
  const parts = [
    updated > 0
      ? `${updated} ${updated === 1 ? 'repeater was' : 'repeaters were'} brought up to date; channels that no longer agree are told under Agreement`
      : '',
    added > 0 ? `${added} ${added === 1 ? 'repeater was' : 'repeaters were'} added` : '',
    result
      ? `${result.added} channels made, ${result.reused} used again, in ${result.zones.map((name) => `“${name}”`).join(', ') || 'no zone'}`
      : '',
  ].filter(Boolean);
  store.notice = `${parts.join('; ')}.`;
  emit('added');
  report.value = result;
  if (!result || result.skipped.length === 0) open.value = false;
}
</script>

<template>
  <el-drawer v-model="open" size="min(720px, 100%)" title="Into the plan">
    <template v-if="report">
      <p>
        <strong>{{ report.added }}</strong> channels were made, {{ report.reused }} were there already. These got none:
      </p>
      <ul>
        <li v-for="(one, at) in report.skipped.slice(0, MOST_SHOWN)" :key="at">
          <strong>{{ one.name }}</strong>: {{ one.why }}
        </li>
      </ul>
      <p v-if="report.skipped.length > MOST_SHOWN" class="soft">and {{ report.skipped.length - MOST_SHOWN }} more.</p>
    </template>
    <template v-else>
      <table class="plain">
        <thead>
          <tr>
            <th scope="col">Repeater</th>
            <th scope="col" class="number">Sends MHz</th>
            <th scope="col">Modes</th>
            <th scope="col">Linked to</th>
          </tr>
        </thead>
        <tbody>
          <tr
            v-for="{ site, key, there, objection, update } in items.slice(0, MOST_SHOWN)"
            :key="key"
            data-testid="adding"
          >
            <th scope="row">
              <span class="mono">{{ site.callSign }}</span> {{ site.name || site.place }}
            </th>
            <td class="number">{{ formatMHz(site.txHz) }}</td>
            <td>{{ site.modes.join(', ') }}</td>
            <td>
              <span v-if="there"
                ><span class="soft">in the plan already, as {{ there.name }}</span
                ><template v-if="update?.changes.length"
                  >; the list says otherwise now: {{ update.changes.join('; ') }}</template
                ></span
              >
              <span v-else-if="objection" class="is-doubtful">not taken: {{ objection }}</span>
              <template v-else-if="site.modes.includes('DMR')">
                <el-select
                  :persistent="false"
                  v-model="linked[key]"
                  :aria-label="`Network of ${site.callSign}`"
                  class="network"
                  ><el-option :value="NONE" label="not said" /><el-option
                    v-for="one in networks"
                    :key="one.id"
                    :value="one.id"
                    :label="one.name"
                /></el-select>
                <span v-if="guessWords(key)" class="soft guess">{{ guessWords(key) }}</span>
              </template>
              <span v-else class="soft">{{
                site.networks.join(', ') ||
                (site.modes.every((mode) => mode === 'FM') ? 'no network: FM' : 'networks not said')
              }}</span>
            </td>
          </tr>
        </tbody>
      </table>
      <p v-if="items.length > MOST_SHOWN" class="soft">and {{ items.length - MOST_SHOWN }} more.</p>
      <div class="about">
        <label
          >Channels in
          <el-select :persistent="false" v-model="radioId" aria-label="Channels in"
            ><el-option :value="NONE" label="no radio yet" /><el-option
              v-for="radio in radios"
              :key="radio.id"
              :value="radio.id"
              :label="radio.name" /></el-select
        ></label>
        <label v-if="radioId !== NONE">Zone <input v-model="zone" class="plain-input" maxlength="60" /></label>
      </div>
      <p class="soft">
        One channel for each group of a DMR repeater, on its slot; one with its tone for FM, one for local calls of
        D-STAR, C4FM and P25; in the order shown, up to what the radio holds.
      </p>
    </template>
    <template #footer>
      <el-button @click="open = false">Close</el-button>
      <el-button v-if="!report" type="primary" :disabled="!ready" data-testid="add-sites" @click="add">{{
        words
      }}</el-button>
    </template>
  </el-drawer>
</template>

<style scoped>
p,
ul {
  margin: 10px 0;
}

tbody th {
  background: none;
  border-bottom: 1px solid var(--hairline);
  font-size: 13px;
}

.network {
  width: 150px;
}

.guess {
  display: block;
}

.about {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 10px 16px;
  margin-top: 14px;
}

.about label {
  display: grid;
  gap: 2px;
}
</style>
