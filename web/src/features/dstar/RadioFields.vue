<script setup lang="ts">
/** What a radio holds of D-STAR: who it calls as, and how its entries are made up. */
import { computed } from 'vue';
import { fieldProblem } from '@relay/core/modes/dstar/addresses';
import { FIELD_LENGTH, SUFFIX_LENGTH } from '@relay/core/plan/modes/dstar/limits';
import type { DstarRadioFields } from '@relay/core/plan/modes/dstar/types';
import type { Radio } from '@relay/core/plan/types';
import { SwitchField, TextField } from '../../fields';
import { takeWhole, type Taken } from '../../fields/field';
import { usePlanStore } from '../../sync/plan-store';
import CallSignCells from './CallSignCells.vue';

const props = defineProps<{ radio: Radio }>();
const emit = defineEmits<{ change: [label: string, recipe: (radio: Radio) => void] }>();
const store = usePlanStore();
const dstar = computed(() => props.radio.dstar!);
const callSign = computed(() => store.plan!.station.callSign);
const change = (label: string, recipe: (fields: DstarRadioFields) => void) =>
  emit('change', label, (radio) => recipe(radio.dstar!));

const take =
  (key: 'my' | 'suffix', length: number) =>
  (text: string): Taken => {
    const upper = text.toUpperCase().trimEnd();
    const problem =
      fieldProblem(upper, length) ??
      (upper.length > length ? { problem: `Found ${upper.length} characters, expected at most ${length}.` } : null);
    if (problem) return problem;
    change(key === 'my' ? 'MY' : 'MY suffix', (one) => void (one[key] = upper));
    return null;
  };

const FRESH_LIST = { sites: 1500, groups: 30, nameLength: 16, nearSearch: true };
const LIMITS = [
  ['sites', 'Sites in the list', 1, 100_000],
  ['groups', 'Groups of sites', 1, 1000],
  ['nameLength', 'Characters of a site’s name', 4, 60],
] as const;
</script>

<template>
  <div class="mode-fields">
    <CallSignCells
      label="MY"
      :value="dstar.my"
      :take="take('my', FIELD_LENGTH)"
      :hint="`Your call sign${callSign ? `, ${callSign}` : ''}; a further letter only in the eighth place.`"
    />
    <CallSignCells
      label="Suffix"
      :value="dstar.suffix"
      :length="SUFFIX_LENGTH"
      :take="take('suffix', SUFFIX_LENGTH)"
      hint="Behind MY: often a name or the kind of radio. May stay empty."
    />
    <div role="radiogroup" aria-label="How its entries are made up">
      <el-radio-group
        :model-value="dstar.siteList ? 'list' : 'memory'"
        @update:model-value="
          change('kind of entries', (one) => void (one.siteList = $event === 'list' ? { ...FRESH_LIST } : null))
        "
      >
        <el-radio value="memory">Four fields in every memory</el-radio>
        <el-radio value="list">A site list; access and destination are chosen apart</el-radio>
      </el-radio-group>
    </div>
    <template v-if="dstar.siteList">
      <TextField
        v-for="[key, label, low, high] in LIMITS"
        :key="key"
        :label="label"
        :value="String(dstar.siteList[key])"
        :take="
          (text) => takeWhole(text, low, high, (value) => change(label, (one) => void (one.siteList![key] = value)))
        "
        mono
      />
      <SwitchField
        label="Looks for the nearest site"
        :on="dstar.siteList.nearSearch"
        @change="(on) => change('near search', (one) => void (one.siteList!.nearSearch = on))"
        >Looks for the nearest site by its own position</SwitchField
      >
    </template>
  </div>
</template>
