<script setup lang="ts">
/** Everything a hotspot is set to, in the order in which one thing depends on another. */
import { computed } from 'vue';
import { listensFor } from '@relay/core/plan/carriage';
import { dropMode, switchMode } from '@relay/core/plan/hotspot';
import { MODE_IDS, NETWORK_MODE_IDS } from '@relay/core/plan/modes/index';
import type { Hotspot, ModeId, ProfileValues, Site } from '@relay/core/plan/types';
import { MODES } from '@relay/core/registries/modes';
import type { Section, Setting, SettingValue } from '@relay/core/settings/setting';
import { FieldGroup, FormGroups, SettingField, SwitchField, TextField } from '../../fields';
import { namesBeside, positionText, takeName, takePlace, type Taken } from '../../fields/field';
import { usePlanStore } from '../../sync/plan-store';
import { MODE_PARTS, NETWORK_PARTS } from '../modes';
import AirFields from './AirFields.vue';
import BackupFields from './BackupFields.vue';
import CrossModeFields from './CrossModeFields.vue';
import WifiTable from './WifiTable.vue';

const props = defineProps<{ site: Hotspot; profileId: string; profile: ProfileValues; settings: readonly Setting[] }>();
const emit = defineEmits<{
  set: [setting: Setting, value: SettingValue];
  change: [label: string, recipe: (profile: ProfileValues) => void];
  site: [label: string, recipe: (site: Site) => void];
}>();
const store = usePlanStore();
/** Modes that a hotspot has or has not, without settings of a network. */
const WITHOUT_NETWORK = MODE_IDS.filter((id) => !NETWORK_MODE_IDS.some((one) => one === id));
const byId = computed(() => new Map(props.settings.map((one) => [one.id, one])));
const setting = (id: string) => byId.value.get(id);
const inSection = (section: Section) => props.settings.filter((one) => one.section === section);
const isOfMode = ({ id }: Setting) => /-(dmr|dstar|c4fm|p25)$/.test(id);
const set = (one: Setting, value: SettingValue) => emit('set', one, value);

/** What it has is on until somebody switches it off; what it has not is off. */
function setHas(id: ModeId, has: boolean): void {
  const label = `${props.site.name}: ${has ? 'has' : 'has no'} ${MODES[id].name}`;
  store.edit(label, (draft) =>
    has ? switchMode(draft, props.site.id, id, true, props.profileId) : dropMode(draft, props.site.id, id),
  );
}

function setMode(id: ModeId, on: boolean): void {
  store.edit(`${props.site.name}: ${MODES[id].name} ${on ? 'on' : 'off'}`, (draft) =>
    switchMode(draft, props.site.id, id, on, props.profileId),
  );
}

function takePosition(text: string): Taken {
  return takePlace(text, (position) =>
    emit(
      'change',
      'position',
      (profile) => void (profile.location = position && { ...position, publish: profile.location?.publish ?? false }),
    ),
  );
}
</script>

<template>
  <FormGroups>
    <FieldGroup title="What it is called">
      <TextField
        label="Name"
        :value="site.name"
        :take="
          (text) =>
            takeName(
              text,
              60,
              (name) => emit('site', 'name', (one) => void (one.name = name)),
              namesBeside(store.plan!.sites, site.id),
            )
        "
        autofocus
      />
      <SettingField :setting="setting('host-name')!" @set="(value) => set(setting('host-name')!, value)" />
      <p class="soft">
        Call sign {{ store.plan!.station.callSign || 'not said' }}, from
        <router-link :to="{ name: 'station', params: { planId: store.planId! } }">your station</router-link>.
      </p>
    </FieldGroup>
    <AirFields
      :site="site"
      :profile-id="profileId"
      :profile="profile"
      :setting="setting"
      @set="set"
      @change="(label, recipe) => emit('change', label, recipe)"
      @site="(label, recipe) => emit('site', label, (one) => recipe(one as Hotspot))"
    />
    <FieldGroup title="Modes">
      <SwitchField
        v-for="id in NETWORK_MODE_IDS"
        :key="id"
        :label="MODES[id].name"
        :on="listensFor(profile, id)"
        :at="['carriage']"
        @change="(on) => setMode(id, on)"
      />
    </FieldGroup>
    <FieldGroup title="Hang times">
      <SettingField
        v-for="one in inSection('hang times').filter((it) => !isOfMode(it))"
        :key="one.id"
        :setting="one"
        @set="(value) => set(one, value)"
      />
      <details v-if="inSection('hang times').some(isOfMode)" class="more">
        <summary>A time of its own for a mode</summary>
        <SettingField
          v-for="one in inSection('hang times').filter(isOfMode)"
          :key="one.id"
          :setting="one"
          @set="(value) => set(one, value)"
        />
      </details>
    </FieldGroup>
    <FieldGroup title="At start">
      <slot name="standby" />
      <SettingField :setting="setting('announcements')!" @set="(value) => set(setting('announcements')!, value)" />
    </FieldGroup>
    <FieldGroup v-for="[id, parts] in NETWORK_PARTS" :key="id" :title="MODES[id].name">
      <SwitchField :label="`Has ${MODES[id].name}`" :on="site[id] !== null" @change="(has) => setHas(id, has)" />
      <template v-if="site[id] !== null">
        <component
          :is="parts.SiteFields"
          :site="site"
          @change="(label: string, recipe: (of: Site) => void) => emit('site', label, recipe)"
        />
        <component
          :is="parts.ProfileFields"
          :site="site"
          :profile="profile"
          @change="(label: string, recipe: (of: ProfileValues) => void) => emit('change', label, recipe)"
        />
      </template>
    </FieldGroup>
    <FieldGroup v-for="id in WITHOUT_NETWORK" :key="id" :title="MODES[id].name">
      <SwitchField :label="`Has ${MODES[id].name}`" :on="site[id] !== null" @change="(has) => setHas(id, has)" />
      <component
        :is="MODE_PARTS[id].SiteFields"
        v-if="site[id] !== null"
        :site="site"
        @change="(label: string, recipe: (of: Site) => void) => emit('site', label, recipe)"
      />
    </FieldGroup>
    <CrossModeFields :site="site" :profile="profile" @change="(label, recipe) => emit('change', label, recipe)" />
    <FieldGroup title="Place">
      <TextField
        label="Position"
        :value="profile.location ? positionText(profile.location) : ''"
        :take="takePosition"
        mono
        unit="°"
        :at="['location']"
        hint="Two decimals are about 1.1 km; three, about 110 m, show your house."
      />
      <SwitchField
        v-if="profile.location"
        label="Publish the position"
        :on="profile.location.publish"
        :at="['location']"
        @change="(on) => emit('change', 'publishing', (one) => void (one.location = { ...one.location!, publish: on }))"
      />
      <SettingField v-for="one in inSection('system')" :key="one.id" :setting="one" @set="(value) => set(one, value)" />
    </FieldGroup>
    <FieldGroup title="Access">
      <SettingField v-for="one in inSection('access')" :key="one.id" :setting="one" @set="(value) => set(one, value)" />
    </FieldGroup>
    <WifiTable :profile="profile" @change="(label, recipe) => emit('change', label, recipe)" />
    <BackupFields :site="site" />
  </FormGroups>
</template>

<style scoped>
.more {
  display: grid;
  gap: 10px;
}

.more summary {
  cursor: pointer;
}

.more > :deep(.row) {
  margin-top: 8px;
}
</style>
