<script setup lang="ts">
import { MODE_DATA } from '@relay/core/plan/modes/index';
import { formatMHz, parseMHz } from '@relay/core/units/quantities';
import type { ModeId, Radio, RadioLimits } from '@relay/core/plan/types';
import { FieldGroup, FormGroups, SwitchField, TextField } from '../../fields';
import { namesBeside, takeName, takeNumber, takeWhole, type Taken } from '../../fields/field';
import { ALL_PARTS } from '../modes';
import { usePlanStore } from '../../sync/plan-store';

const props = defineProps<{ radio: Radio }>();
const store = usePlanStore();

const LIMITS: readonly [keyof RadioLimits, string, number, number][] = [
  ['channels', 'Channels', 1, 1_000_000],
  ['zones', 'Zones', 1, 100_000],
  ['channelsPerZone', 'Channels in a zone', 1, 10_000],
  ['contacts', 'Contacts', 1, 10_000_000],
  ['receiveLists', 'Receive lists', 0, 100_000],
  ['groupsPerReceiveList', 'Groups in a list', 1, 10_000],
  ['nameLength', 'Characters of a name', 4, 60],
];

function change(label: string, recipe: (radio: Radio) => void): void {
  store.edit(`${props.radio.name}: ${label}`, (draft) => recipe(draft.radios.byId[props.radio.id]!));
}

function setHas(id: ModeId, has: boolean): void {
  change(
    MODE_DATA[id].name,
    (one) => void Object.assign(one, { [id]: has ? MODE_DATA[id].blanks.radio(store.plan!.station) : null }),
  );
}

function takeBands(text: string): Taken {
  const bands: Radio['bands'] = [];
  for (const part of text.split(/[;,](?!\d)|\s*,\s+|;/).filter((one) => one.trim())) {
    const [low, high] = part.split(/\s*[–-]\s*/).map((one) => parseMHz(one));
    if (!low || !high || low >= high)
      return { problem: `Found “${part.trim()}”, expected two frequencies such as 400–480.` };
    bands.push({ lowHz: low, highHz: high });
  }
  if (bands.length === 0 || bands.length > 10)
    return { problem: `Found ${bands.length} bands, expected 1 to 10, such as 136–174, 400–480.` };
  change('bands', (radio) => void (radio.bands = bands));
  return null;
}

const takePower = (level: 'low' | 'high') => (text: string) =>
  takeNumber(text, 0.001, 2000, (watts) => change(`${level} power`, (radio) => void (radio.powerW[level] = watts)));
const short = (hz: number) => formatMHz(hz).replace(/\.?0+$/, '');
</script>

<template>
  <FormGroups>
    <FieldGroup title="Radio">
      <TextField
        label="Name"
        :value="radio.name"
        :take="
          (text) =>
            takeName(
              text,
              60,
              (name) => change('name', (one) => void (one.name = name)),
              namesBeside(store.plan!.radios, radio.id),
            )
        "
        autofocus
      />
      <TextField
        label="Tunes"
        :value="radio.bands.map((band) => `${short(band.lowHz)}–${short(band.highHz)}`).join(', ')"
        :take="takeBands"
        mono
        unit="MHz"
      />
      <TextField label="Low power" :value="String(radio.powerW.low)" :take="takePower('low')" mono unit="W" />
      <TextField
        label="High power"
        :value="String(radio.powerW.high)"
        :take="takePower('high')"
        mono
        unit="W"
        hint="Keep aerials away from people and obey your country’s limits on RF exposure."
      />
    </FieldGroup>
    <FieldGroup title="Modes">
      <SwitchField
        v-for="[id] in ALL_PARTS"
        :key="id"
        :label="`Has ${MODE_DATA[id].name}`"
        :on="radio[id] !== null"
        @change="(has) => setHas(id, has)"
        >{{ MODE_DATA[id].name }}</SwitchField
      >
    </FieldGroup>
    <FieldGroup
      v-for="[id, parts] in ALL_PARTS.filter(([mode]) => radio[mode] !== null)"
      :key="id"
      :title="MODE_DATA[id].name"
    >
      <component :is="parts.RadioFields" :radio="radio" @change="change" />
    </FieldGroup>
    <FieldGroup title="What it can hold">
      <div class="limits">
        <TextField
          v-for="[key, label, low, high] in LIMITS"
          :key="key"
          :label="label"
          :value="String(radio.limits[key])"
          :take="
            (text) => takeWhole(text, low, high, (value) => change(label, (one) => void (one.limits[key] = value)))
          "
          mono
        />
      </div>
    </FieldGroup>
  </FormGroups>
</template>

<style scoped>
.limits {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(300px, 1fr));
  gap: 10px 28px;
}
</style>
