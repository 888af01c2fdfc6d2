<script setup lang="ts">
/** What a radio has of FM: the widths it can be set to. */
import { FM_WIDTHS_HZ } from '@relay/core/plan/modes/fm/limits';
import type { FmWidthHz } from '@relay/core/plan/modes/fm/types';
import type { Radio } from '@relay/core/plan/types';
import { FieldRow } from '../../fields';

const props = defineProps<{ radio: Radio }>();
const emit = defineEmits<{ change: [label: string, recipe: (radio: Radio) => void] }>();

function setWidth(width: FmWidthHz, on: boolean): void {
  const widths = FM_WIDTHS_HZ.filter((other) => (other === width ? on : props.radio.fm!.widthsHz.includes(other)));
  emit('change', 'FM widths', (one) => void (one.fm!.widthsHz = widths));
}
</script>

<template>
  <FieldRow label="FM widths">
    <el-checkbox
      v-for="width in FM_WIDTHS_HZ"
      :key="width"
      :model-value="radio.fm!.widthsHz.includes(width)"
      @update:model-value="setWidth(width, $event === true)"
      >{{ width / 1000 }} kHz</el-checkbox
    >
  </FieldRow>
</template>
