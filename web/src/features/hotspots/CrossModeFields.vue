<script setup lang="ts">
/** Which mode on the air a hotspot can turn into which mode of network, and which of these is on. */
import { computed } from 'vue';
import { crossWords } from '@relay/core/path/cross-mode';
import { isCrossing, pairOf, setPair } from '@relay/core/plan/carriage';
import { NETWORK_MODE_IDS } from '@relay/core/plan/modes/index';
import type { Hotspot, ProfileValues } from '@relay/core/plan/types';
import { MODES } from '@relay/core/registries/modes';
import { FieldGroup, FieldRow, SwitchField } from '../../fields';

const props = defineProps<{ site: Hotspot; profile: ProfileValues }>();
const emit = defineEmits<{ change: [label: string, recipe: (profile: ProfileValues) => void] }>();
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

function setAble(pair: Pair, able: boolean): void {
  emit('change', `${words(pair)}, ${able ? 'it can' : 'it cannot'}`, (profile) =>
    setPair(profile, pair.air, pair.network, able ? { able } : { able, on: false }),
  );
}

const setOn = (pair: Pair, on: boolean) =>
  emit('change', `${words(pair)} ${on ? 'on' : 'off'}`, (profile) => setPair(profile, pair.air, pair.network, { on }));
</script>

<template>
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
      :at="['ownWhileCrossing']"
      @change="(on) => emit('change', 'own networks while cross-mode', (one) => void (one.ownWhileCrossing = on))"
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
</template>
