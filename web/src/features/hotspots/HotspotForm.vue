<script setup lang="ts">
import { computed, ref } from 'vue';
import { COLOR_CODE_MAX } from '@relay/core/modes/dmr/limits';
import { moveHotspot } from '@relay/core/plan/acts';
import { newLogin } from '@relay/core/plan/create';
import { type DmrNetwork, dmrNetworks } from '@relay/core/modes/dmr/networks';
import type { Crossing, NetworkModeId, Profile, Site } from '@relay/core/plan/types';
import { formatMHz } from '@relay/core/radio-math/quantities';
import { FieldGroup, TextField } from '../../parts';
import { positionText, takeMHz, takeName, takeNumber, takePlace, takeWhole, type Taken } from '../../parts/field';
import { switchMode } from '@relay/core/modes/fresh-hotspot';
import { MODES, NETWORK_MODE_IDS } from '@relay/core/modes/registry';
import { crossingOf, crossingWords } from '@relay/core/path/crossing';
import { MODES_WITH_PARTS } from '../modes';
import { usePlanStore } from '../../sync/plan-store';
import FrequencyFinder from './FrequencyFinder.vue';
import LoginForm from './LoginForm.vue';

const props = defineProps<{ site: Site; profile: Profile }>();
const store = usePlanStore();
const finding = ref(false);
const networks = computed(() => dmrNetworks(store.plan!));
/** Every pair of modes that a hotspot could turn into each other. */
const CROSSINGS = NETWORK_MODE_IDS.filter((id) => MODES[id].cross).flatMap((air) => NETWORK_MODE_IDS.filter((id) => MODES[id].cross && id !== air).map((network) => crossingOf(air, network)));
const able = computed(() => (props.site.kind === 'hotspot' ? props.site.crossings : []));
const within = (all: readonly Crossing[], id: Crossing, on: boolean) => CROSSINGS.filter((other) => (other === id ? on : all.includes(other)));

function setAble(id: Crossing, on: boolean): void {
  change(`${crossingWords(id)}, ${on ? 'it can' : 'it cannot'}`, (one, profile) => {
    if (one.kind === 'hotspot') one.crossings = within(one.crossings, id, on);
    if (!on) profile.crossings = within(profile.crossings, id, false);
  });
}

const setOn = (id: Crossing, on: boolean) => change(`${crossingWords(id)} ${on ? 'on' : 'off'}`, (_, profile) => void (profile.crossings = within(profile.crossings, id, on)));

function change(label: string, recipe: (site: Site, profile: Profile) => void): void {
  store.edit(`${props.site.name}: ${label}`, (draft) => recipe(draft.sites.byId[props.site.id]!, draft.profiles[props.site.id]!));
}

function setMode(id: NetworkModeId, on: boolean): void {
  store.edit(`${props.site.name}: ${MODES[id].name} ${on ? 'on' : 'off'}`, (draft) => switchMode(draft, props.site.id, id, on));
}

/** What it has is on until somebody switches it off; what it has not is off. */
function setHas(id: NetworkModeId, has: boolean): void {
  store.edit(`${props.site.name}: ${has ? 'has' : 'has no'} ${MODES[id].name}`, (draft) => {
    switchMode(draft, props.site.id, id, has);
    if (!has) Object.assign(draft.sites.byId[props.site.id]!, { [id]: null });
  });
}

function switchLogin(network: DmrNetwork, on: boolean): void {
  change(`${network.name} login ${on ? 'on' : 'off'}`, (_, profile) => {
    const login = (profile.dmr.logins[network.id] ??= newLogin());
    login.enabled = on;
    login.serverId ??= network.servers.order[0] ?? null;
  });
}

function takePosition(text: string): Taken {
  return takePlace(text, (position) => change('position', (_, profile) => void (profile.location = position && { ...position, publish: profile.location?.publish ?? false })));
}
</script>

<template>
  <div>
    <FieldGroup title="On the air">
      <TextField label="Name" :value="site.name" :take="(text) => takeName(text, 60, (name) => change('name', (one) => void (one.name = name)))" autofocus />
      <TextField label="Frequency" :value="formatMHz(site.txHz)" :take="(text) => takeMHz(text, (hz) => change('frequency', (one) => moveHotspot(one, hz)))" mono unit="MHz" hint="Simplex: it sends and hears on the same frequency. Use it only where your licence and band plan allow unattended operation." />
      <div class="find"><el-button @click="finding = true">Find a clear frequency</el-button></div>
      <TextField v-if="site.dmr" label="Color code" :value="String(site.dmr.colorCode)" :take="(text) => takeWhole(text, 0, COLOR_CODE_MAX, (value) => change('color code', (one) => void (one.dmr!.colorCode = value)))" mono />
      <TextField label="Usual distance" :value="String(site.distanceM)" :take="(text) => takeNumber(text, 0.1, 1_000_000, (value) => change('distance', (one) => void (one.distanceM = value)))" mono unit="m" hint="From the radio. Sets the level at the hotspot’s receiver." />
      <TextField label="Takes at most" :value="String(site.maxInputDbm)" :take="(text) => takeNumber(text, -150, 60, (value) => change('strongest signal', (one) => void (one.maxInputDbm = value)))" mono unit="dBm" hint="The strongest signal it takes without distortion. The default is from memory." />
    </FieldGroup>
    <FrequencyFinder v-if="finding" v-model="finding" :site="site" :profile="profile" />
    <FieldGroup title="Modes">
      <div v-for="id in NETWORK_MODE_IDS" :key="id" class="switch"><el-switch :model-value="profile.modes[id]" :aria-label="MODES[id].name" @update:model-value="setMode(id, $event === true)" /><span>{{ MODES[id].name }}</span></div>
    </FieldGroup>
    <FieldGroup title="Standby">
      <div class="switch"><el-switch :model-value="profile.standby" aria-label="Standby" @update:model-value="change('standby', (_, one) => void (one.standby = $event === true))" /><span>All networks up, nothing linked: silent until someone keys up</span></div>
    </FieldGroup>
    <FieldGroup v-for="[id, parts] in MODES_WITH_PARTS" :key="id" :title="MODES[id].name">
      <div class="switch"><el-switch :model-value="site[id] !== null" :aria-label="`Has ${MODES[id].name}`" @update:model-value="setHas(id, $event === true)" /><span>Has {{ MODES[id].name }}</span></div>
      <template v-if="site[id] !== null">
        <component :is="parts.SiteFields" :site="site" @change="(label: string, recipe: (one: Site) => void) => change(label, (one) => recipe(one))" />
        <component :is="parts.StartFields" :site="site" :profile="profile" @change="(label: string, recipe: (one: Profile) => void) => change(label, (_, one) => recipe(one))" />
      </template>
    </FieldGroup>
    <FieldGroup title="Crossings">
      <p class="soft">What it can turn into what, and which of them is on. Some hotspots then send no call of that mode to its own networks: look at what yours does.</p>
      <div v-for="id in CROSSINGS" :key="id" class="crossing" role="group" :aria-label="crossingWords(id)">
        <strong>{{ crossingWords(id) }}</strong>
        <el-checkbox :model-value="able.includes(id)" @update:model-value="setAble(id, $event === true)">it can</el-checkbox>
        <el-checkbox :model-value="profile.crossings.includes(id)" :disabled="!able.includes(id) && !profile.crossings.includes(id)" @update:model-value="setOn(id, $event === true)">on</el-checkbox>
      </div>
    </FieldGroup>
    <FieldGroup v-if="site.dmr" title="Network logins">
      <p class="soft">{{ profile.dmr.selection === 'several' ? 'Rules decide which network takes a call.' : 'Without network selection every call goes to the first network that is on.' }} <router-link :to="{ name: 'routes', params: { planId: store.planId!, siteId: site.id } }">Routes and the numbers on the radio</router-link></p>
      <p v-if="networks.length === 0" class="soft">No network in the plan yet. <router-link :to="{ name: 'networks', params: { planId: store.planId! } }">Add a network</router-link></p>
      <section v-for="network in networks" :key="network.id" :aria-label="network.name" class="login">
        <div class="switch"><el-switch :model-value="profile.dmr.logins[network.id]?.enabled ?? false" :aria-label="`Log in to ${network.name}`" @update:model-value="switchLogin(network, $event === true)" /><strong>{{ network.name }}</strong></div>
        <LoginForm v-if="profile.dmr.logins[network.id]" :site-id="site.id" :network="network" :login="profile.dmr.logins[network.id]!" @change="(label, recipe) => change(`${network.name} ${label}`, (_, one) => recipe(one.dmr.logins[network.id]!))" />
      </section>
    </FieldGroup>
    <FieldGroup title="Position and care">
      <TextField label="Position" :value="profile.location ? positionText(profile.location) : ''" :take="takePosition" mono unit="°" hint="Two decimals are about 1.1 km; three show your house." />
      <div v-if="profile.location" class="switch"><el-switch :model-value="profile.location.publish" aria-label="Publish the position" @update:model-value="change('publishing', (_, one) => void (one.location!.publish = $event === true))" /><span>Publish the position</span></div>
      <div class="switch"><el-switch :model-value="profile.adminPassword === 'changed'" aria-label="The default password was changed" @update:model-value="change('password', (_, one) => void (one.adminPassword = $event === true ? 'changed' : 'default'))" /><span>The default password of its settings page was changed</span></div>
    </FieldGroup>
  </div>
</template>

<style scoped>
.find {
  padding-left: 180px;
}

@media (max-width: 760px) {
  .find {
    padding-left: 0;
  }
}

.crossing {
  display: flex;
  gap: 20px;
  align-items: center;
}

.crossing strong {
  width: 150px;
}

.login {
  display: grid;
  gap: 10px;
  padding-bottom: 8px;
}
</style>
