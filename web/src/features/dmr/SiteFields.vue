<script setup lang="ts">
/** What a site asks for in DMR; behind a repeater also its network and the groups on its slots. */
import { computed } from 'vue';
import { groupsText, readSlotGroups } from '@relay/core/lists/corrections';
import { dmrNetworks } from '@relay/core/modes/dmr/networks';
import { COLOR_CODE_MAX } from '@relay/core/plan/modes/dmr/limits';
import type { DmrSiteFields } from '@relay/core/plan/modes/dmr/types';
import type { Site } from '@relay/core/plan/types';
import { ChoiceField, TextField } from '../../fields';
import { NOT_SAID, saysNothing, takeWhole, type Taken } from '../../fields/field';
import { usePlanStore } from '../../sync/plan-store';

const props = defineProps<{ site: Site }>();
const emit = defineEmits<{ change: [label: string, recipe: (site: Site) => void] }>();
const store = usePlanStore();
const networks = computed(() => [
  { value: NOT_SAID, label: NOT_SAID },
  ...dmrNetworks(store.plan!).map((one) => ({ value: one.id, label: one.name })),
]);
const carries = computed(() => props.site.dmr!.carries);
const change = (label: string, recipe: (fields: DmrSiteFields) => void) =>
  emit('change', label, (site) => recipe(site.dmr!));

const OTHERS = [
  { value: NOT_SAID, label: NOT_SAID },
  { value: 'yes', label: 'takes up others when keyed' },
  { value: 'no', label: 'only those listed' },
] as const;
const others = computed(
  () => ({ true: 'yes', false: 'no', null: NOT_SAID })[String(carries.value?.takesOthers ?? null)]!,
);

function takeColorCode(text: string): Taken {
  if (!saysNothing(text))
    return takeWhole(text, 0, COLOR_CODE_MAX, (value) => change('color code', (one) => void (one.colorCode = value)));
  change('color code', (one) => void (one.colorCode = null));
  return null;
}

function takeGroups(text: string): Taken {
  const groups = readSlotGroups(text);
  if (!groups)
    return {
      problem: `Found “${text}”, expected groups by slot, such as 1: 417; 2: 588 591d, with d for dynamic, and ? for a slot nobody has said.`,
    };
  change('groups', (one) => void (one.carries!.groups = groups));
  return null;
}
</script>

<template>
  <TextField
    label="Color code"
    :value="String(site.dmr!.colorCode ?? NOT_SAID)"
    :take="takeColorCode"
    mono
    hint="0 to 15; empty: not said."
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
      hint="Such as 1: 417; 2: 588 591d. With d: taken up when somebody keys it; without: always on. ?: 417 where the slot is not said."
    />
    <ChoiceField
      label="Groups not listed"
      :value="others"
      :options="OTHERS"
      hint="Whether it takes up groups that are not listed, on the slot they are keyed on."
      @choose="
        (value) =>
          change('other groups', (one) => void (one.carries!.takesOthers = value === NOT_SAID ? null : value === 'yes'))
      "
    />
  </template>
</template>
