<script setup lang="ts">
import { formatId } from '@relay/core/modes/dmr/addresses';
import { FM_WIDTHS_HZ } from '@relay/core/modes/fm/limits';
import type { FmWidthHz } from '@relay/core/modes/fm/types';
import { formatMHz, parseMHz } from '@relay/core/radio-math/quantities';
import type { Radio, RadioLimits } from '@relay/core/plan/types';
import { FieldGroup, TextField } from '../../parts';
import { takeName, takeNumber, takeWhole, type Taken } from '../../parts/field';
import { MODES } from '@relay/core/modes/registry';
import { MODE_PARTS } from '../modes';
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

function takeId(text: string): Taken {
  if (text.trim() === '') {
    change('DMR ID', (radio) => void (radio.dmr!.id = null));
    return null;
  }
  return takeWhole(text, 0, 999_999_999, (id) => change('DMR ID', (radio) => void (radio.dmr!.id = id)));
}

function takeBands(text: string): Taken {
  const bands: Radio['bands'] = [];
  for (const part of text.split(/[;,](?!\d)|\s*,\s+|;/).filter((one) => one.trim())) {
    const [low, high] = part.split(/\s*[–-]\s*/).map((one) => parseMHz(one));
    if (!low || !high || low >= high) return { problem: `Found “${part.trim()}”, expected two frequencies such as 400–480.` };
    bands.push({ lowHz: low, highHz: high });
  }
  if (bands.length === 0 || bands.length > 10) return { problem: `Found ${bands.length} bands, expected 1 to 10, such as 136–174, 400–480.` };
  change('bands', (radio) => void (radio.bands = bands));
  return null;
}

const takePower = (level: 'low' | 'high') => (text: string) => takeNumber(text, 0.001, 2000, (watts) => change(`${level} power`, (radio) => void (radio.powerW[level] = watts)));
function setWidth(width: FmWidthHz, on: boolean): void {
  change('FM widths', (one) => void (one.fm!.widthsHz = FM_WIDTHS_HZ.filter((other) => (other === width ? on : one.fm!.widthsHz.includes(other)))));
}

const short = (hz: number) => formatMHz(hz).replace(/\.?0+$/, '');
</script>

<template>
  <div>
    <FieldGroup title="Radio">
      <TextField label="Name" :value="radio.name" :take="(text) => takeName(text, 60, (name) => change('name', (one) => void (one.name = name)))" autofocus />
      <TextField label="Tunes" :value="radio.bands.map((band) => `${short(band.lowHz)}–${short(band.highHz)}`).join(', ')" :take="takeBands" mono unit="MHz" />
      <TextField label="Low power" :value="String(radio.powerW.low)" :take="takePower('low')" mono unit="W" />
      <TextField label="High power" :value="String(radio.powerW.high)" :take="takePower('high')" mono unit="W" hint="Keep aerials away from people and obey your country’s limits on RF exposure." />
    </FieldGroup>
    <FieldGroup title="Modes">
      <div v-for="mode in MODES" :key="mode.id" class="switch"><el-switch :model-value="radio[mode.id] !== null" :aria-label="`Has ${mode.name}`" @update:model-value="change(mode.name, (one) => void Object.assign(one, { [mode.id]: $event === true ? mode.fresh.radio(store.plan!) : null }))" /><span>{{ mode.name }}</span></div>
      <div v-if="radio.fm" class="switch" role="group" aria-label="FM widths"><el-checkbox v-for="width in FM_WIDTHS_HZ" :key="width" :model-value="radio.fm.widthsHz.includes(width)" @update:model-value="setWidth(width, $event === true)">{{ width / 1000 }} kHz</el-checkbox></div>
    </FieldGroup>
    <FieldGroup v-if="radio.dmr" title="DMR">
      <TextField label="DMR ID in the radio" :value="radio.dmr.id === null ? '' : formatId(radio.dmr.id)" :take="takeId" mono />
      <div class="switch">
        <el-switch :model-value="radio.dmr.hearsOwnGroup" aria-label="Hears its channel’s own group without a receive list" @update:model-value="change('what it hears', (one) => void (one.dmr!.hearsOwnGroup = $event === true))" />
        <span>Hears its channel’s own group without a receive list<br /><span class="soft">Off: it hears only the groups in the channel’s receive list.</span></span>
      </div>
    </FieldGroup>
    <FieldGroup v-for="mode in Object.values(MODES).filter((one) => MODE_PARTS[one.id] && radio[one.id] !== null)" :key="mode.id" :title="mode.name">
      <component :is="MODE_PARTS[mode.id]!.RadioFields" :radio="radio" @change="(label: string, recipe: (one: Radio) => void) => change(label, recipe)" />
    </FieldGroup>
    <FieldGroup title="What it can hold">
      <div class="limits">
        <TextField v-for="[key, label, low, high] in LIMITS" :key="key" :label="label" :value="String(radio.limits[key])" :take="(text) => takeWhole(text, low, high, (value) => change(label, (one) => void (one.limits[key] = value)))" mono />
      </div>
    </FieldGroup>
  </div>
</template>

<style scoped>
.limits {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(300px, 1fr));
  gap: 10px 28px;
}
</style>
