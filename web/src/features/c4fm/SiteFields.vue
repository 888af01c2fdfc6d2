<script setup lang="ts">
/** What a site asks for in C4FM, and which networks of rooms its gateway reaches. */
import { computed } from 'vue';
import { GROUP_ID_MAX } from '@relay/core/plan/modes/c4fm/limits';
import { groupIdWords, readGroupId, roomNetworks } from '@relay/core/modes/c4fm/rooms';
import type { C4fmSiteFields, Voice } from '@relay/core/plan/modes/c4fm/types';
import type { Site } from '@relay/core/plan/types';
import { ChoiceField, ReachField, TextField } from '../../fields';
import { saysNothing, type Taken } from '../../fields/field';
import { usePlanStore } from '../../sync/plan-store';

const props = defineProps<{ site: Site }>();
const emit = defineEmits<{ change: [label: string, recipe: (site: Site) => void] }>();
const store = usePlanStore();
const c4fm = computed(() => props.site.c4fm!);
const networks = computed(() => roomNetworks(store.plan!));
const change = (label: string, recipe: (fields: C4fmSiteFields) => void) =>
  emit('change', label, (site) => recipe(site.c4fm!));
const BOTH = 'both';
const VOICES = [
  { value: BOTH, label: 'narrow and wide' },
  { value: 'narrow', label: 'narrow' },
  { value: 'wide', label: 'wide' },
] as const;

const takeGroup =
  (key: 'groupIdIn' | 'groupIdOut', label: string) =>
  (text: string): Taken => {
    const id = saysNothing(text) ? null : readGroupId(text);
    if (id === null && !saysNothing(text))
      return {
        problem: `Found “${text}”, expected a group ID from 00 to ${GROUP_ID_MAX}, or nothing where it is not said.`,
      };
    change(label, (one) => void (one[key] = id));
    return null;
  };
</script>

<template>
  <TextField
    label="Takes group ID"
    :value="groupIdWords(c4fm.groupIdIn)"
    :take="takeGroup('groupIdIn', 'group ID')"
    mono
    hint="Commonly 00 on a hotspot; a repeater may ask for another. Empty: not said."
  />
  <TextField
    label="Sends group ID"
    :value="groupIdWords(c4fm.groupIdOut)"
    :take="takeGroup('groupIdOut', 'sent group ID')"
    mono
  />
  <ChoiceField
    label="Passes voice"
    :value="c4fm.voice ?? BOTH"
    :options="VOICES"
    @choose="(voice) => change('voice', (one) => void (one.voice = voice === BOTH ? null : (voice as Voice)))"
  />
  <ReachField
    label="Rooms it reaches"
    :networks="networks"
    :reached="c4fm.networkIds"
    @change="(networkIds) => change('rooms it reaches', (one) => void (one.networkIds = networkIds))"
  />
</template>
