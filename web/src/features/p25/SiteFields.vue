<script setup lang="ts">
/** The access code of a site in P25, in hex as everybody writes it, and which networks its gateway reaches. */
import { computed } from 'vue';
import { nacText, readNac } from '@relay/core/modes/p25/addresses';
import { NAC_ANY, NAC_DEFAULT, NAC_PASS } from '@relay/core/plan/modes/p25/limits';
import { p25Networks } from '@relay/core/modes/p25/links';
import type { P25SiteFields } from '@relay/core/plan/modes/p25/types';
import type { Site } from '@relay/core/plan/types';
import { ReachField, TextField } from '../../fields';
import { NOT_SAID, saysNothing, type Taken } from '../../fields/field';
import { usePlanStore } from '../../sync/plan-store';

const props = defineProps<{ site: Site }>();
const emit = defineEmits<{ change: [label: string, recipe: (site: Site) => void] }>();
const store = usePlanStore();
const p25 = computed(() => props.site.p25!);
const change = (label: string, recipe: (fields: P25SiteFields) => void) =>
  emit('change', label, (site) => recipe(site.p25!));
const words = computed(() => {
  const { nac } = p25.value;
  const usual = `Hotspots commonly have ${nacText(NAC_DEFAULT)}.`;
  if (nac === null) return `Three hex digits; empty: not said. ${usual}`;
  const special = nac === NAC_PASS ? ' Any code is passed.' : nac === NAC_ANY ? ' Any code opens it.' : '';
  return `In hex; that is ${nac} in decimal.${special} ${usual}`;
});

function takeNac(text: string): Taken {
  const nac = saysNothing(text) ? null : readNac(text);
  if (nac === null && !saysNothing(text))
    return {
      problem: `Found “${text}”, expected a network access code of three hex digits, such as ${nacText(NAC_DEFAULT)}.`,
    };
  change('NAC', (one) => void (one.nac = nac));
  return null;
}
</script>

<template>
  <TextField label="NAC" :value="p25.nac === null ? NOT_SAID : nacText(p25.nac)" :take="takeNac" mono :hint="words" />
  <ReachField
    label="Networks it reaches"
    :networks="p25Networks(store.plan!)"
    :reached="p25.networkIds"
    @change="(networkIds) => change('networks it reaches', (one) => void (one.networkIds = networkIds))"
  />
</template>
