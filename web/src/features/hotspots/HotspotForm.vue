<script setup lang="ts">
import { computed, ref } from 'vue';
import { crossWords } from '@relay/core/path/cross-mode';
import { isCrossing, listensFor, pairOf, setPair } from '@relay/core/plan/carriage';
import { dropMode, moveHotspot, switchMode } from '@relay/core/plan/hotspot';
import { MODE_IDS, NETWORK_MODE_IDS } from '@relay/core/plan/modes/index';
import { editProfile } from '@relay/core/plan/profiles';
import type { Hotspot, ModeId, ProfileValues, Site } from '@relay/core/plan/types';
import { MODES } from '@relay/core/registries/modes';
import { formatMHz } from '@relay/core/units/quantities';
import { FieldGroup, FieldRow, FormGroups, SwitchField, TextField } from '../../fields';
import { namesBeside, positionText, takeMHz, takeName, takeNumber, takePlace, type Taken } from '../../fields/field';
import { usePlanStore } from '../../sync/plan-store';
import { MODE_PARTS, NETWORK_PARTS } from '../modes';
import FrequencyFinder from './FrequencyFinder.vue';

const props = defineProps<{ site: Hotspot; profile: ProfileValues }>();
const store = usePlanStore();
const finding = ref(false);
/** Modes that a hotspot has or has not, without settings of a network. */
const WITHOUT_NETWORK = MODE_IDS.filter((id) => !NETWORK_MODE_IDS.some((one) => one === id));
/** Every pair of modes that a hotspot could turn into each other. */
const CROSSABLE = NETWORK_MODE_IDS.filter((id) => MODES[id].cross);
const CROSS_PAIRS = CROSSABLE.flatMap((air) =>
  CROSSABLE.filter((network) => network !== air).map((network) => ({ air, network })),
);
type Pair = (typeof CROSS_PAIRS)[number];
const words = (pair: Pair) => crossWords(MODES, pair);
const stateOf = ({ air, network }: Pair) => pairOf(props.profile, air, network);
const crossing = computed(() =>
  NETWORK_MODE_IDS.filter((id) => isCrossing(props.profile, id)).map((id) => MODES[id].name),
);

function change(label: string, recipe: (site: Site) => void): void {
  store.edit(`${props.site.name}: ${label}`, (draft) => recipe(draft.sites.byId[props.site.id]!));
}

function set(label: string, recipe: (profile: ProfileValues) => void): void {
  store.edit(`${props.site.name}: ${label}`, (draft) => editProfile(draft, props.site.id, recipe));
}

function setAble(pair: Pair, able: boolean): void {
  set(`${words(pair)}, ${able ? 'it can' : 'it cannot'}`, (profile) =>
    setPair(profile, pair.air, pair.network, able ? { able } : { able, on: false }),
  );
}

const setOn = (pair: Pair, on: boolean) =>
  set(`${words(pair)} ${on ? 'on' : 'off'}`, (profile) => setPair(profile, pair.air, pair.network, { on }));

function setMode(id: ModeId, on: boolean): void {
  store.edit(`${props.site.name}: ${MODES[id].name} ${on ? 'on' : 'off'}`, (draft) =>
    switchMode(draft, props.site.id, id, on),
  );
}

/** What it has is on until somebody switches it off; what it has not is off. */
function setHas(id: ModeId, has: boolean): void {
  const label = `${props.site.name}: ${has ? 'has' : 'has no'} ${MODES[id].name}`;
  store.edit(label, (draft) => (has ? switchMode(draft, props.site.id, id, true) : dropMode(draft, props.site.id, id)));
}

function takePosition(text: string): Taken {
  return takePlace(text, (position) =>
    set(
      'position',
      (profile) => void (profile.location = position && { ...position, publish: profile.location?.publish ?? false }),
    ),
  );
}
</script>

<template>
  <FormGroups>
    <FieldGroup title="On the air">
      <TextField
        label="Name"
        :value="site.name"
        :take="
          (text) =>
            takeName(
              text,
              60,
              (name) => change('name', (one) => void (one.name = name)),
              namesBeside(store.plan!.sites, site.id),
            )
        "
        autofocus
      />
      <TextField
        label="Frequency"
        :value="formatMHz(site.txHz)"
        :take="
          (text) =>
            takeMHz(text, (hz) => store.edit(`${site.name}: frequency`, (draft) => moveHotspot(draft, site.id, hz)))
        "
        mono
        unit="MHz"
        hint="What it sends on; a pair moves together. Use it only where your licence and band plan allow unattended operation."
      />
      <TextField
        label="Listens on"
        :value="formatMHz(site.rxHz)"
        :take="(text) => takeMHz(text, (hz) => change('listens on', (one) => void (one.rxHz = hz)))"
        mono
        unit="MHz"
        hint="The same for a simplex hotspot; another for a duplex one."
      />
      <FieldRow label="Taken already?"><el-button @click="finding = true">Find a clear frequency</el-button></FieldRow>
      <TextField
        label="Usual distance"
        :value="String(site.distanceM)"
        :take="
          (text) =>
            takeNumber(text, 0.1, 1_000_000, (value) => change('distance', (one) => void (one.distanceM = value)))
        "
        mono
        unit="m"
        hint="From the radio. Sets the level at the hotspot’s receiver."
      />
      <TextField
        label="Takes at most"
        :value="String(site.maxInputDbm)"
        :take="
          (text) =>
            takeNumber(text, -150, 60, (value) => change('strongest signal', (one) => void (one.maxInputDbm = value)))
        "
        mono
        unit="dBm"
        hint="The strongest signal it takes without distortion. The default is from memory."
      />
    </FieldGroup>
    <FrequencyFinder v-if="finding" v-model="finding" :site="site" :profile="profile" />
    <FieldGroup title="Modes">
      <SwitchField
        v-for="id in NETWORK_MODE_IDS"
        :key="id"
        :label="MODES[id].name"
        :on="listensFor(profile, id)"
        @change="(on) => setMode(id, on)"
      />
    </FieldGroup>
    <FieldGroup title="Standby">
      <SwitchField
        label="Standby"
        :on="profile.standby"
        @change="(on) => set('standby', (one) => void (one.standby = on))"
        >All networks up, nothing linked: silent until someone keys up</SwitchField
      >
    </FieldGroup>
    <FieldGroup v-for="[id, parts] in NETWORK_PARTS" :key="id" :title="MODES[id].name">
      <SwitchField :label="`Has ${MODES[id].name}`" :on="site[id] !== null" @change="(has) => setHas(id, has)" />
      <template v-if="site[id] !== null">
        <component :is="parts.SiteFields" :site="site" @change="change" />
        <component :is="parts.ProfileFields" :site="site" :profile="profile" @change="set" />
      </template>
    </FieldGroup>
    <FieldGroup v-for="id in WITHOUT_NETWORK" :key="id" :title="MODES[id].name">
      <SwitchField :label="`Has ${MODES[id].name}`" :on="site[id] !== null" @change="(has) => setHas(id, has)" />
      <component :is="MODE_PARTS[id].SiteFields" v-if="site[id] !== null" :site="site" @change="change" />
    </FieldGroup>
    <FieldGroup title="Cross-mode">
      <p class="soft">Which mode on the air it can turn into which mode of network, and which of these is on.</p>
      <FieldRow v-for="pair in CROSS_PAIRS" :key="words(pair)" :label="words(pair)">
        <el-checkbox :model-value="stateOf(pair).able" @update:model-value="setAble(pair, $event === true)"
          >it can</el-checkbox
        >
        <el-checkbox
          :model-value="stateOf(pair).on"
          :disabled="!stateOf(pair).able && !stateOf(pair).on"
          @update:model-value="setOn(pair, $event === true)"
          >on</el-checkbox
        >
      </FieldRow>
      <SwitchField
        label="A mode still reaches its own networks"
        :on="profile.ownWhileCrossing"
        @change="(on) => set('own networks while cross-mode', (one) => void (one.ownWhileCrossing = on))"
      >
        While one of these is on, that mode still reaches its own networks<br /><span class="soft"
          >Hotspots differ: look at what yours does. Off:
          {{
            crossing.length
              ? `${crossing.join(' and ')} ${crossing.length === 1 ? 'reaches' : 'reach'} only the other mode’s networks now.`
              : 'calls go to the other mode’s networks only.'
          }}</span
        >
      </SwitchField>
    </FieldGroup>
    <FieldGroup title="Position and care">
      <TextField
        label="Position"
        :value="profile.location ? positionText(profile.location) : ''"
        :take="takePosition"
        mono
        unit="°"
        hint="Two decimals are about 1.1 km; three show your house."
      />
      <SwitchField
        v-if="profile.location"
        label="Publish the position"
        :on="profile.location.publish"
        @change="(on) => set('publishing', (one) => void (one.location!.publish = on))"
      />
      <SwitchField
        label="The default password was changed"
        :on="profile.adminPassword === 'changed'"
        @change="(on) => set('password', (one) => void (one.adminPassword = on ? 'changed' : 'default'))"
        >The default password of its settings page was changed</SwitchField
      >
    </FieldGroup>
  </FormGroups>
</template>
