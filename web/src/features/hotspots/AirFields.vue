<script setup lang="ts">
/** On which frequencies a hotspot is, how strong, and how far off its oscillator. */
import { computed, ref } from 'vue';
import type { Hotspot, ProfileValues } from '@relay/core/plan/types';
import type { Setting, SettingValue } from '@relay/core/settings/setting';
import { signed } from '@relay/core/settings/words';
import { comesOutHz, partsPerMillion } from '@relay/core/units/offset';
import { bandNameOf } from '@relay/core/units/bands';
import { usualListenHz } from '@relay/core/units/shifts';
import { formatMHz } from '@relay/core/units/quantities';
import { FieldGroup, FieldRow, SettingField, TextField } from '../../fields';
import { takeMHz, takeNumber } from '../../fields/field';
import { usePlanStore } from '../../sync/plan-store';
import FrequencyFinder from './FrequencyFinder.vue';

const props = defineProps<{
  site: Hotspot;
  profileId: string;
  profile: ProfileValues;
  setting: (id: string) => Setting | undefined;
}>();
const emit = defineEmits<{
  set: [setting: Setting, value: SettingValue];
  change: [label: string, recipe: (profile: ProfileValues) => void];
  site: [label: string, recipe: (site: Hotspot) => void];
}>();
const store = usePlanStore();
const finding = ref(false);
const pair = computed(() => props.profile.frequencies);
const isSimplex = computed(() => pair.value.rxHz === pair.value.txHz);
const AT = ['frequencies'];
/** Where no shift is usual: to be changed to the right one. */
const OTHER_SPLIT_HZ = 5_000_000;

/** A pair moves together: what it listens on stays as far from what it sends on. */
const move = (hz: number) =>
  emit('change', 'frequency', (of) => {
    const { rxHz, txHz } = of.frequencies;
    of.frequencies = { rxHz: hz + rxHz - txHz, txHz: hz };
  });
const listen = (hz: number) =>
  emit('change', 'listens on', (of) => void (of.frequencies = { ...of.frequencies, rxHz: hz }));

function setKind(kind: string | number | boolean | undefined): void {
  const { txHz } = pair.value;
  listen(kind === 'simplex' ? txHz : (usualListenHz(txHz, store.plan!.station) ?? txHz + OTHER_SPLIT_HZ));
}

/** What an offset does to what it sends and listens on, in words. */
const offsetWords = computed(() => {
  const { txOffsetHz, rxOffsetHz } = props.profile;
  const said = [...new Set([rxOffsetHz, txOffsetHz])].filter((one): one is number => one !== null && one !== 0);
  const hz = said[0];
  if (hz === undefined) return '';
  const at = pair.value.txHz;
  return `${signed(hz)} Hz is ${partsPerMillion(hz, at).toFixed(2).replace('-', '−')} ppm at ${formatMHz(at)} MHz: its oscillator is set to ${formatMHz(comesOutHz(at, hz))} MHz.`;
});
const labelDiffers = computed(() => {
  const { labelOffsetHz } = props.site;
  const { rxOffsetHz, txOffsetHz } = props.profile;
  return labelOffsetHz !== null && (rxOffsetHz ?? 0) === 0 && (txOffsetHz ?? 0) === 0 && labelOffsetHz !== 0;
});
const takeLabel = () =>
  emit('change', 'offsets as on its label', (of) => {
    of.rxOffsetHz = props.site.labelOffsetHz;
    of.txOffsetHz = props.site.labelOffsetHz;
  });
const band = computed(() => bandNameOf(pair.value.txHz));
</script>

<template>
  <FieldGroup title="On the air">
    <FieldRow label="Node">
      <el-radio-group :model-value="isSimplex ? 'simplex' : 'duplex'" aria-label="Node" @update:model-value="setKind">
        <el-radio value="simplex">simplex</el-radio>
        <el-radio value="duplex">duplex</el-radio>
      </el-radio-group>
      <template #notes
        ><p class="soft">
          {{
            isSimplex
              ? 'One frequency for both ways; in DMR it hears slot 2 only.'
              : 'What it listens on is what your radio sends on.'
          }}
        </p></template
      >
    </FieldRow>
    <TextField
      label="Frequency"
      :value="formatMHz(pair.txHz)"
      :take="(text) => takeMHz(text, move)"
      mono
      unit="MHz"
      :at="AT"
      :hint="`What it sends on${isSimplex ? '' : '; the pair moves together'}${band ? '' : '; in no amateur band'}. Use it only where your licence and band plan allow unattended operation.`"
    />
    <TextField
      v-if="!isSimplex"
      label="Listens on"
      :value="formatMHz(pair.rxHz)"
      :take="(text) => takeMHz(text, listen)"
      mono
      unit="MHz"
      :at="AT"
    />
    <FieldRow label="Taken already?"><el-button @click="finding = true">Find a clear frequency</el-button></FieldRow>
    <SettingField
      v-for="id in ['power', 'label-offset', 'offset-rx', 'offset-tx']"
      :key="id"
      :setting="setting(id)!"
      @set="(value) => emit('set', setting(id)!, value)"
    />
    <p v-if="labelDiffers" class="is-doubtful">
      Its label says {{ signed(site.labelOffsetHz!) }} Hz, and no offset is set.
      <el-button size="small" @click="takeLabel">Set both to {{ signed(site.labelOffsetHz!) }} Hz</el-button>
    </p>
    <p v-else-if="offsetWords" class="soft" data-testid="offset-words">{{ offsetWords }}</p>
    <TextField
      label="Usual distance"
      :value="String(site.distanceM)"
      :take="
        (text) =>
          takeNumber(text, 0.1, 1_000_000, (value) => emit('site', 'distance', (one) => void (one.distanceM = value)))
      "
      mono
      unit="m"
      hint="From the radio. Sets the level at its receiver."
    />
    <TextField
      label="Takes at most"
      :value="String(site.maxInputDbm)"
      :take="
        (text) =>
          takeNumber(text, -150, 60, (value) =>
            emit('site', 'strongest signal', (one) => void (one.maxInputDbm = value)),
          )
      "
      mono
      unit="dBm"
      hint="The strongest signal without distortion. The default is from memory."
    />
  </FieldGroup>
  <FrequencyFinder v-if="finding" v-model="finding" :site="site" :profile="profile" :profile-id="profileId" />
</template>
