<script setup lang="ts">
/** What a site asks for in DMR; behind a repeater also its network and the groups on its slots. */
import { computed } from 'vue';
import { groupsText, readSlotGroups } from '@relay/core/lists/corrections';
import { dmrNetworks } from '@relay/core/modes/dmr/networks';
import { COLOR_CODE_MAX } from '@relay/core/plan/modes/dmr/limits';
import type { DmrSiteFields } from '@relay/core/plan/modes/dmr/types';
import type { Site } from '@relay/core/plan/types';
import { ChoiceField, SwitchField, TextField } from '../../fields';
import { takeWhole, type Taken } from '../../fields/field';
import { usePlanStore } from '../../sync/plan-store';

const props = defineProps<{ site: Site }>();
const emit = defineEmits<{ change: [label: string, recipe: (site: Site) => void] }>();
const store = usePlanStore();
const NOT_SAID = 'not said';
const networks = computed(() => [
  { value: NOT_SAID, label: NOT_SAID },
  ...dmrNetworks(store.plan!).map((one) => ({ value: one.id, label: one.name })),
]);
const carries = computed(() => props.site.dmr!.carries);
const change = (label: string, recipe: (fields: DmrSiteFields) => void) =>
  emit('change', label, (site) => recipe(site.dmr!));

function takeGroups(text: string): Taken {
  const groups = readSlotGroups(text);
  if (!groups)
    return { problem: `Found “${text}”, expected groups by slot, such as 1: 417; 2: 588 591d, with d for dynamic.` };
  change('groups', (one) => void (one.carries!.groups = groups));
  return null;
}
</script>

<template>
  <TextField
    label="Color code"
    :value="String(site.dmr!.colorCode)"
    :take="
      (text) =>
        takeWhole(text, 0, COLOR_CODE_MAX, (value) => change('color code', (one) => void (one.colorCode = value)))
    "
    mono
  />
  <template v-if="carries">
    <ChoiceField
      label="Linked to"
      :value="carries.networkId ?? NOT_SAID"
      :options="networks"
      @choose="(id) => change('network', (one) => void (one.carries!.networkId = id === NOT_SAID ? null : id))"
    />
    <TextField
      label="Groups by slot"
      :value="groupsText(carries.groups)"
      :take="takeGroups"
      mono
      hint="Such as 1: 417; 2: 588 591d. With d: taken up when somebody keys it; without: always on."
    />
    <SwitchField
      label="Takes up other groups when keyed"
      :on="carries.takesOthers"
      @change="(on) => change('other groups', (one) => void (one.carries!.takesOthers = on))"
      >Takes up groups that are not listed, on the slot they are keyed on</SwitchField
    >
  </template>
</template>
