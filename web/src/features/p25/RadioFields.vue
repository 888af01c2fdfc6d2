<script setup lang="ts">
/** What a radio holds of P25: the unit it calls as. */
import { UNIT_MAX } from '@relay/core/plan/modes/p25/limits';
import type { Radio } from '@relay/core/plan/types';
import { TextField } from '../../fields';
import { takeWhole, type Taken } from '../../fields/field';

defineProps<{ radio: Radio }>();
const emit = defineEmits<{ change: [label: string, recipe: (radio: Radio) => void] }>();

function take(text: string): Taken {
  const set = (unitId: number | null) => emit('change', 'unit ID', (radio) => void (radio.p25!.unitId = unitId));
  if (text.trim() === '') {
    set(null);
    return null;
  }
  return takeWhole(text, 1, UNIT_MAX, set);
}
</script>

<template>
  <div class="mode-fields">
    <TextField
      label="Unit ID in the radio"
      :value="radio.p25!.unitId === null ? '' : String(radio.p25!.unitId)"
      :take="take"
      mono
      hint="Networks take the 7-digit ID that is used for DMR."
    />
  </div>
</template>
