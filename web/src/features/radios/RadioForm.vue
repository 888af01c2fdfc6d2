<script setup lang="ts">
import { MODE_DATA } from '@relay/core/plan/modes/index';
import { formatMHz, parseMHz } from '@relay/core/units/quantities';
import type { ModeId, NameLetters, Radio, RadioLimits } from '@relay/core/plan/types';
import { ChoiceField, FieldGroup, FormGroups, SwitchField, TextField } from '../../fields';
import { namesBeside, NOT_SAID, saysNothing, takeName, takeWhole, type Taken } from '../../fields/field';
import { ALL_PARTS } from '../modes';
import { usePlanStore } from '../../sync/plan-store';
import KindFields from './KindFields.vue';
import PowerSteps from './PowerSteps.vue';

const props = defineProps<{ radio: Radio }>();
const store = usePlanStore();

const LIMITS: readonly [keyof RadioLimits, string, number, number][] = [
  ['channels', 'Channels', 1, 1_000_000],
  ['zones', 'Zones', 1, 100_000],
  ['channelsPerZone', 'Channels in a zone', 1, 10_000],
  ['scanLists', 'Scan lists', 0, 100_000],
  ['channelsPerScanList', 'Channels in a scan list', 1, 10_000],
  ['contacts', 'Contacts', 1, 10_000_000],
  ['receiveLists', 'Receive lists', 0, 100_000],
  ['groupsPerReceiveList', 'Groups in a list', 1, 10_000],
  ['callSigns', 'Stored call signs', 0, 100_000],
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

const LETTERS: readonly { value: NameLetters | typeof NOT_SAID; label: string }[] = [
  { value: NOT_SAID, label: 'not known' },
  { value: 'any', label: 'any' },
  { value: 'plain', label: 'A to z, no accents' },
  { value: 'capitals', label: 'capitals, no accents' },
];

const DISPLAY: readonly [keyof Radio['display'], string, number][] = [
  ['lines', 'Lines of a name on the display', 20],
  ['letters', 'Letters of a line', 60],
];

const takeDisplay = (key: keyof Radio['display'], label: string, high: number) => (text: string) => {
  const put = (value: number | null) => change(label, (radio) => void (radio.display[key] = value));
  if (!saysNothing(text)) return takeWhole(text, 1, high, put);
  put(null);
  return null;
};

/** A limit as somebody types it; nothing is not known. */
const takeLimit = (key: keyof RadioLimits, label: string, low: number, high: number) => (text: string) => {
  const put = (value: number | null) => change(label, (radio) => void (radio.limits[key] = value));
  if (!saysNothing(text)) return takeWhole(text, low, high, put);
  put(null);
  return null;
};

const bandsText = (bands: Radio['bands']) =>
  bands.map((band) => `${short(band.lowHz)}–${short(band.highHz)}`).join(', ');

const takeBands =
  (key: 'bands' | 'receiveOnly') =>
  (text: string): Taken => {
    const bands: Radio['bands'] = [];
    for (const part of text.split(/[;,](?!\d)|\s*,\s+|;/).filter((one) => one.trim())) {
      const [low, high] = part.split(/\s*[–-]\s*/).map((one) => parseMHz(one));
      if (!low || !high || low >= high)
        return { problem: `Found “${part.trim()}”, expected two frequencies such as 400–480.` };
      bands.push({ lowHz: low, highHz: high });
    }
    if (bands.length > 10)
      return { problem: `Found ${bands.length} bands, expected at most 10, such as 136–174, 400–480.` };
    change('bands', (radio) => void (radio[key] = bands));
    return null;
  };

/** `Talkaround = on, off; Lamp = on, off`. */
const optionsText = (options: Radio['options']) =>
  options.map(({ name, values }) => `${name} = ${values.join(', ')}`).join('; ');

function takeOptions(text: string): Taken {
  const options: Radio['options'] = [];
  for (const part of text.split(';').filter((one) => one.trim() !== '')) {
    const [name = '', list = ''] = part.split('=').map((one) => one.trim());
    const values = list
      .split(',')
      .map((one) => one.trim())
      .filter(Boolean);
    if (name === '' || values.length === 0 || [name, ...values].some((one) => one.length > 40))
      return { problem: `Found “${part.trim()}”, expected an option and its values, such as Talkaround = on, off.` };
    options.push({ name, values });
  }
  if (options.length > 50) return { problem: `Found ${options.length} options, expected at most 50.` };
  change('options of channels', (radio) => void (radio.options = options));
  return null;
}

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
        :value="bandsText(radio.bands)"
        :take="takeBands('bands')"
        placeholder="not known"
        mono
        unit="MHz"
      />
      <TextField
        label="Only receives"
        :value="bandsText(radio.receiveOnly)"
        :take="takeBands('receiveOnly')"
        placeholder="nowhere, or not known"
        mono
        unit="MHz"
      />
    </FieldGroup>
    <PowerSteps :radio="radio" />
    <KindFields :radio="radio" />
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
          :value="radio.limits[key] === null ? '' : String(radio.limits[key])"
          :take="takeLimit(key, label, low, high)"
          placeholder="not known"
          mono
        />
        <TextField
          v-for="[key, label, high] in DISPLAY"
          :key="key"
          :label="label"
          :value="radio.display[key] === null ? '' : String(radio.display[key])"
          :take="takeDisplay(key, label, high)"
          placeholder="not known"
          mono
        />
        <ChoiceField
          label="Letters of names"
          :value="radio.letters ?? NOT_SAID"
          :options="LETTERS"
          @choose="(letters) => change('letters', (one) => void (one.letters = letters === NOT_SAID ? null : letters))"
        />
      </div>
      <TextField
        label="Options of its channels"
        :value="optionsText(radio.options)"
        :take="takeOptions"
        placeholder="not known; Talkaround = on, off"
      />
    </FieldGroup>
    <FieldGroup title="Programmed by hand">
      <p class="soft">
        {{
          radio.keying
            ? `${radio.keying.routines.length} kinds of memory are taught: a sheet lists every press.`
            : 'For a radio that is keyed in: teach its key sequences, and a sheet lists every press.'
        }}
      </p>
      <div class="act-row">
        <router-link
          class="el-button"
          :to="{ name: 'teach-keys', params: { planId: store.planId!, radioId: radio.id } }"
          >{{ radio.keying ? 'Its keys' : 'Teach its keys' }}</router-link
        >
        <router-link
          v-if="radio.keying"
          class="el-button"
          :to="{ name: 'keying', params: { planId: store.planId!, radioId: radio.id } }"
          >Keying sheet</router-link
        >
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
