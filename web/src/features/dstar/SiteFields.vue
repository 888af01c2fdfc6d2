<script setup lang="ts">
/** What a site is called on D-STAR, and which families of reflectors its gateway reaches. */
import { computed } from 'vue';
import { families } from '@relay/core/modes/dstar/links';
import { moduleOfBand } from '@relay/core/plan/modes/dstar/blanks';
import { withModule } from '@relay/core/modes/dstar/addresses';
import { GATEWAY_LETTER } from '@relay/core/plan/modes/dstar/limits';
import type { DstarSiteFields } from '@relay/core/plan/modes/dstar/types';
import type { Site } from '@relay/core/plan/types';
import { SwitchField, TextField } from '../../fields';
import { takeNumber, type Taken } from '../../fields/field';
import { usePlanStore } from '../../sync/plan-store';
import CallSignCells from './CallSignCells.vue';

const props = defineProps<{ site: Site }>();
const emit = defineEmits<{ change: [label: string, recipe: (site: Site) => void] }>();
const store = usePlanStore();
const dstar = computed(() => props.site.dstar);
const usual = computed(() => moduleOfBand(props.site.rxHz));
const change = (label: string, recipe: (fields: DstarSiteFields) => void) =>
  emit('change', label, (site) => recipe(site.dstar!));

function takeCallSign(text: string): Taken {
  const upper = text.trim().toUpperCase();
  if (!/^[A-Z0-9/]{3,7}$/.test(upper))
    return { problem: `Found “${text}”, expected 3 to 7 letters and digits: the eighth place is the module’s.` };
  change('call sign', (one) => void (one.callSign = upper));
  return null;
}

function takeModule(text: string): Taken {
  const upper = text.trim().toUpperCase();
  if (!/^[A-Z]?$/.test(upper)) return { problem: `Found “${text}”, expected one letter.` };
  change('module', (one) => void (one.module = upper));
  return null;
}

const reach = computed(() => (dstar.value!.families === null ? 'every' : 'some'));

function takeFamilies(text: string): Taken {
  const letters = text
    .toUpperCase()
    .split(/[\s,;]+/)
    .filter(Boolean);
  const wrong = letters.find((one) => !/^[A-Z]{3}$/.test(one));
  if (wrong)
    return {
      problem: `Found “${wrong}”, expected families by their three letters, such as ${families(store.plan!)[0]?.letters ?? 'ABC'}.`,
    };
  change('families', (one) => void (one.families = [...new Set(letters)]));
  return null;
}

function takeOffset(text: string): Taken {
  if (text.trim() === '') {
    change('offset from UTC', (one) => void (one.utcOffsetMin = null));
    return null;
  }
  return takeNumber(text, -14, 14, (hours) =>
    change('offset from UTC', (one) => void (one.utcOffsetMin = Math.round(hours * 60))),
  );
}
</script>

<template>
  <template v-if="dstar">
    <TextField label="Call sign on the air" :value="dstar.callSign" :take="takeCallSign" mono />
    <TextField
      label="Module"
      :value="dstar.module"
      :take="takeModule"
      mono
      :hint="
        usual
          ? `Commonly ${usual} on this band: A 23 cm, B 70 cm, C 2 m; the owner chooses. Empty: not said.`
          : 'One letter. Empty: not said.'
      "
    />
    <div class="access">
      <CallSignCells label="RPT1" :value="dstar.cable ? 'DIRECT' : withModule(dstar.callSign, dstar.module)" />
      <CallSignCells label="RPT2" :value="dstar.cable ? 'DIRECT' : withModule(dstar.callSign, GATEWAY_LETTER)" />
    </div>
    <el-radio-group
      :model-value="reach"
      aria-label="Families its gateway reaches"
      @update:model-value="change('reach', (one) => void (one.families = $event === 'every' ? null : []))"
    >
      <el-radio value="every">Its gateway reaches every family</el-radio>
      <el-radio value="some">Only some, or not said</el-radio>
    </el-radio-group>
    <TextField
      v-if="dstar.families"
      label="Reaches"
      :value="dstar.families.join(', ')"
      :take="takeFamilies"
      mono
      hint="Families by their three letters. Empty: not said."
    />
    <TextField
      label="Offset from UTC"
      :value="dstar.utcOffsetMin === null ? '' : String(dstar.utcOffsetMin / 60)"
      :take="takeOffset"
      mono
      unit="h"
      hint="For the near search of site lists: -2, or 5.5."
    />
    <SwitchField
      v-if="site.kind === 'hotspot'"
      label="The radio is on a cable"
      :on="dstar.cable"
      @change="(on) => change('cable', (one) => void (one.cable = on))"
      >The radio is on a cable: RPT1 and RPT2 are DIRECT, and nothing is asked for on the air</SwitchField
    >
  </template>
</template>

<style scoped>
.access {
  display: grid;
  gap: 4px;
  padding-left: 50px;
}

@media (max-width: 760px) {
  .access {
    padding-left: 0;
  }
}
</style>
