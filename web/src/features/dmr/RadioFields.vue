<script setup lang="ts">
/** What a radio has of DMR: the ID it calls as, and what it hears. */
import { formatId } from '@relay/core/modes/dmr/addresses';
import type { Radio } from '@relay/core/plan/types';
import { SwitchField, TextField } from '../../fields';
import { takeWhole, type Taken } from '../../fields/field';

defineProps<{ radio: Radio }>();
const emit = defineEmits<{ change: [label: string, recipe: (radio: Radio) => void] }>();
const MOST = 999_999_999;

function takeId(text: string): Taken {
  const set = (id: number | null) => emit('change', 'DMR ID', (radio) => void (radio.dmr!.id = id));
  if (text.trim() === '') {
    set(null);
    return null;
  }
  return takeWhole(text, 0, MOST, set);
}
</script>

<template>
  <TextField
    label="DMR ID in the radio"
    :value="radio.dmr!.id === null ? '' : formatId(radio.dmr!.id)"
    :take="takeId"
    mono
  />
  <SwitchField
    label="Hears its channel’s own group without a receive list"
    :on="radio.dmr!.hearsOwnGroup"
    @change="(on) => emit('change', 'what it hears', (one) => void (one.dmr!.hearsOwnGroup = on))"
  >
    Hears its channel’s own group without a receive list<br /><span class="soft"
      >Off: it hears only the groups in the channel’s receive list.</span
    >
  </SwitchField>
</template>
