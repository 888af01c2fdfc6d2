<script setup lang="ts">
/** What a hotspot links to when it starts. */
import { computed } from 'vue';
import { families, reflectorCall, reflectorWords } from '@relay/core/modes/dstar/links';
import type { DstarProfileFields } from '@relay/core/plan/modes/dstar/types';
import { rows } from '@relay/core/plan/table';
import type { ProfileValues, Site } from '@relay/core/plan/types';
import { ChoiceField, FieldRow } from '../../fields';
import { usePlanStore } from '../../sync/plan-store';

const props = defineProps<{ site: Site; profile: ProfileValues }>();
const emit = defineEmits<{ change: [label: string, recipe: (profile: ProfileValues) => void] }>();
const dstar = computed(() => props.profile.dstar);
const change = (label: string, recipe: (fields: DstarProfileFields) => void) =>
  emit('change', label, (profile) => recipe(profile.dstar));
const store = usePlanStore();
const NONE = 'none';
const options = computed(() => {
  const listed = families(store.plan!).flatMap((family) =>
    rows(family.reflectors).flatMap((one) =>
      [...one.modules].map((module) => ({
        value: reflectorWords({ reflector: reflectorCall(family, one), module }),
        label: [reflectorWords({ reflector: reflectorCall(family, one), module }), one.title]
          .filter(Boolean)
          .join(' · '),
      })),
    ),
  );
  const set = dstar.value.startLink && reflectorWords(dstar.value.startLink);
  return [
    { value: NONE, label: 'nothing' },
    ...listed,
    ...(set && !listed.some((one) => one.value === set) ? [{ value: set, label: `${set} · in no directory` }] : []),
  ];
});

function choose(value: string): void {
  change(
    'link at start',
    (one) => void (one.startLink = value === NONE ? null : { reflector: value.slice(0, 6), module: value.slice(-1) }),
  );
}
</script>

<template>
  <ChoiceField
    label="Link at start"
    :value="dstar.startLink ? reflectorWords(dstar.startLink) : NONE"
    :options="options"
    :at="['dstar', 'startLink']"
    @choose="choose"
  />
  <FieldRow v-if="dstar.startLink" label="When it links" :at="['dstar', 'automatic']">
    <el-radio-group
      :model-value="dstar.automatic"
      aria-label="When it links"
      @update:model-value="change('when it links', (one) => void (one.automatic = $event === true))"
    >
      <el-radio :value="true">Automatic, when it starts</el-radio>
      <el-radio :value="false">Manual, when somebody asks for it</el-radio>
    </el-radio-group>
  </FieldRow>
</template>
