<script setup lang="ts">
/** The run sheet of adding a network: test what there is, choose, look at the numbers, accept, write, test again. */
import { computed, ref, watch } from 'vue';
import { newNetwork } from '@relay/core/plan/create';
import { newLogin } from '@relay/core/plan/modes/dmr/blanks';
import { editProfile, effectiveProfile } from '@relay/core/plan/profiles';
import { routesOf } from '@relay/core/modes/dmr/links';
import { acceptRouting, type PrefixPlan, prefixStretch, proposeRouting } from '@relay/core/modes/dmr/routes/prefixes';
import { stretchWords } from '@relay/core/modes/dmr/routes/words';
import { dmrNetwork, dmrNetworks } from '@relay/core/modes/dmr/networks';
import { putRow } from '@relay/core/plan/table';
import { TextField } from '../../fields';
import { newId } from '../../fields/new-id';
import { useCarrying } from '../../sync/carrying';
import { usePlanIndex } from '../../sync/plan-look-ups';
import { usePlanStore } from '../../sync/plan-store';
import RenumberTable from './RenumberTable.vue';

const props = defineProps<{ siteId: string }>();
const open = defineModel<boolean>({ required: true });
const store = usePlanStore();
const index = usePlanIndex();
const plan = computed(() => store.plan!);
const site = computed(() => plan.value.sites.byId[props.siteId]!);
const logins = computed(() => effectiveProfile(plan.value, props.siteId)!.dmr.logins);
const present = computed(() => routesOf(index.value!, props.siteId).networkIds);
const candidates = computed(() => dmrNetworks(plan.value).filter((network) => !present.value.includes(network.id)));
const chosenId = ref('');
const freshName = ref('');
const password = ref('');
/** The network that was just added: its next steps are shown. */
const added = ref<{ name: string; id: string; changed: number } | null>(null);

watch(
  open,
  (now) => {
    if (!now) return;
    added.value = null;
    password.value = '';
    chosenId.value = candidates.value[0]?.id ?? '';
  },
  { immediate: true },
);

const chosen = computed(() => dmrNetwork(plan.value, chosenId.value) ?? null);
const first = computed(() => plan.value.networks.byId[present.value[0] ?? ''] ?? null);
const networkIds = computed(() =>
  chosen.value && !present.value.includes(chosen.value.id) ? [...present.value, chosen.value.id] : [],
);
const proposal = computed(() =>
  networkIds.value.length > 0 ? proposeRouting(plan.value, props.siteId, networkIds.value) : null,
);
const lost = computed(() => proposal.value?.changes.filter((change) => change.to === null) ?? []);
const radios = computed(() => [
  ...new Set(proposal.value?.changes.map((change) => plan.value.radios.byId[change.radioId]!.name)),
]);
const lacksPassword = computed(() => chosen.value !== null && (logins.value[chosen.value.id]?.password ?? '') === '');
const carrying = useCarrying();
const testFirst = computed(
  () => carrying.value?.steps.find((step) => step.id === `echo-${props.siteId}-${first.value?.id}`) ?? null,
);
const after = computed(() =>
  added.value
    ? (carrying.value?.steps ?? []).filter(
        (step) => step.id.startsWith('radio-') || step.id.endsWith(`-${props.siteId}-${added.value!.id}`),
      )
    : [],
);
const nameOf = (id: string) => plan.value.networks.byId[id]!.name;
const why = ({ networkId, prefix, kept }: PrefixPlan['prefixes'][number]) =>
  `${kept ? 'kept as it is' : 'free, and no ID in use begins with it'}: ${nameOf(networkId)} 417 becomes ${prefix * 1_000_000 + 417}`;

function addFresh(): void {
  const name = freshName.value.trim().slice(0, 60).trim();
  if (name === '') return;
  const network = newNetwork('dmr', newId('net'), name, plan.value);
  store.edit(`add ${name}`, (draft) => putRow(draft.networks, network));
  chosenId.value = network.id;
  freshName.value = '';
}

function accept(): void {
  const network = chosen.value;
  const now = proposal.value;
  if (!network || !now) return;
  store.edit(`add ${network.name} to ${site.value.name}`, (draft) => {
    editProfile(draft, props.siteId, ({ dmr }) => {
      const login = (dmr.logins[network.id] ??= newLogin());
      if (password.value !== '') login.password = password.value;
    });
    acceptRouting(draft, props.siteId, networkIds.value, now);
  });
  added.value = { name: network.name, id: network.id, changed: now.changes.length };
  store.notice = `${network.name} was added to ${site.value.name}: ${now.changes.length} channels have new numbers. Undo takes it all back.`;
}
</script>

<template>
  <el-drawer
    v-model="open"
    size="min(760px, 100%)"
    :title="added ? `${added.name} was added to ${site.name}` : `Add a network to ${site.name}`"
  >
    <ol v-if="!added" class="steps">
      <li v-if="testFirst && first">
        <h3>Test {{ first.name }} alone first</h3>
        <ul>
          <li v-for="(todo, i) in testFirst.todo" :key="i">{{ todo }}</li>
        </ul>
        <p>
          <b>It worked when:</b> {{ testFirst.proof }} Add the next only then: with two at once nobody can say which one
          fails.
        </p>
      </li>
      <li>
        <h3>Choose the network</h3>
        <el-radio-group v-if="candidates.length" v-model="chosenId" aria-label="Network to add" class="choose">
          <el-radio v-for="network in candidates" :key="network.id" :value="network.id"
            >{{ network.name }} <span class="soft">{{ network.groups.order.length }} groups</span></el-radio
          >
        </el-radio-group>
        <p class="fresh">
          <input
            v-model="freshName"
            class="plain-input"
            aria-label="Name of a network that is not in the plan yet"
            placeholder="A network not in the plan yet"
            @keydown.enter="addFresh"
          /><el-button :disabled="freshName.trim() === ''" @click="addFresh">Put it into the plan</el-button>
        </p>
        <TextField
          v-if="chosen && lacksPassword"
          label="Password there"
          :value="password"
          :take="(text) => ((password = text), null)"
          type="password"
          hint="Of your account at the network. It may be typed later under the hotspot."
        />
      </li>
      <li v-if="proposal">
        <h3>Look at the numbers</h3>
        <table class="plain prefixes">
          <thead>
            <tr>
              <th scope="col">Network</th>
              <th scope="col" class="number">Prefix</th>
              <th scope="col">On the radio</th>
              <th scope="col">Why</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="one in proposal.prefixes" :key="one.networkId" data-testid="prefix">
              <td>{{ nameOf(one.networkId) }}</td>
              <td class="number">{{ one.prefix }}</td>
              <td class="mono">{{ stretchWords(prefixStretch(one.prefix)) }}</td>
              <td class="soft">{{ why(one) }}</td>
            </tr>
          </tbody>
        </table>
        <p v-for="one in proposal.passedOver" :key="one.prefix" class="soft">
          Prefix {{ one.prefix }} was passed over: {{ one.why }}.
        </p>
        <p v-for="id in proposal.without" :key="id" class="is-broken">
          No prefix is left for {{ nameOf(id) }}: free one by changing a rule.
        </p>
        <p v-if="proposal.catchAllId" class="soft">
          Groups that no rule claims go to {{ nameOf(proposal.catchAllId) }}, as sent.
        </p>
        <template v-if="proposal.changes.length">
          <p data-testid="changes">
            <strong
              >{{ proposal.changes.length }} {{ proposal.changes.length === 1 ? 'channel' : 'channels' }} on
              {{ radios.join(', ') }} get a new number</strong
            >; what they reach stays the same.
          </p>
          <p v-if="lost.length" class="is-broken">{{ lost.length }} of them cannot be reached any more.</p>
          <RenumberTable :plan="plan" :changes="proposal.changes" />
        </template>
        <p v-else>No channel changes its number.</p>
      </li>
    </ol>
    <ol v-else class="steps">
      <li v-for="step in after" :key="step.id">
        <h3>{{ step.title }}</h3>
        <ul>
          <li v-for="(todo, i) in step.todo" :key="i">{{ todo }}</li>
        </ul>
        <p><b>It worked when:</b> {{ step.proof }}</p>
        <p v-if="step.id.startsWith('radio-')">
          <router-link :to="{ name: 'carry-out', params: { planId: store.planId! }, hash: '#reprogram' }"
            >The reprogramming list: {{ added.changed }} changed numbers</router-link
          >
        </p>
        <p v-if="step.id.startsWith('echo-')">
          <router-link :to="{ name: 'wants', params: { planId: store.planId! }, query: { find: added.name } }"
            >Choose what you want on {{ added.name }}</router-link
          >
        </p>
      </li>
    </ol>
    <template #footer>
      <el-button @click="open = false">{{ added ? 'Close' : 'Not now' }}</el-button>
      <el-button
        v-if="!added"
        type="primary"
        :disabled="!proposal || proposal.without.length > 0"
        data-testid="accept-network"
        @click="accept"
        >{{ chosen ? `Add ${chosen.name}` : 'Add it' }}</el-button
      >
    </template>
  </el-drawer>
</template>

<style scoped>
.steps {
  display: grid;
  gap: 18px;
  margin: 0;
  padding-left: 22px;
}

.steps > li::marker {
  font-weight: 650;
}

.steps > li > * {
  margin-bottom: 6px;
}

h3 {
  margin: 0;
  font-size: 14px;
  font-weight: 650;
}

ul {
  margin: 0;
  padding-left: 18px;
}

.prefixes td.mono {
  white-space: nowrap;
}

.choose {
  display: grid;
  justify-items: start;
}

.fresh {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}

.fresh input {
  width: 260px;
  border-style: dashed;
}
</style>
