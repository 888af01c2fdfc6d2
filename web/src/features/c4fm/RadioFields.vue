<script setup lang="ts">
/** What a radio holds of C4FM: who it calls as, and how many rooms it keeps. */
import { computed } from 'vue';
import { CALL_SIGN_LENGTH } from '@relay/core/plan/modes/c4fm/limits';
import type { C4fmRadioFields } from '@relay/core/plan/modes/c4fm/types';
import type { Radio } from '@relay/core/plan/types';
import { SwitchField, TextField } from '../../fields';
import { takeWhole, type Taken } from '../../fields/field';

const props = defineProps<{ radio: Radio }>();
const emit = defineEmits<{ change: [label: string, recipe: (radio: Radio) => void] }>();
const c4fm = computed(() => props.radio.c4fm!);
const change = (label: string, recipe: (fields: C4fmRadioFields) => void) =>
  emit('change', label, (radio) => recipe(radio.c4fm!));

function takeCallSign(text: string): Taken {
  const upper = text.trim().toUpperCase();
  if (upper.length > CALL_SIGN_LENGTH)
    return {
      problem: `Found ${upper.length} characters, expected at most ${CALL_SIGN_LENGTH}.`,
      meant: upper.slice(0, CALL_SIGN_LENGTH),
    };
  change('call sign', (one) => void (one.callSign = upper));
  return null;
}

const LIMITS = [
  ['categories', 'Categories of rooms', 1, 100],
  ['perCategory', 'Rooms in a category', 1, 1000],
  ['nameLength', 'Characters of a room’s name', 4, 60],
] as const;
const FRESH = { categories: 5, perCategory: 20, nameLength: 16 };
</script>

<template>
  <div class="mode-fields">
    <TextField
      label="Call sign it sends"
      :value="c4fm.callSign"
      :take="takeCallSign"
      mono
      hint="With every over, at most ten characters: your call sign, and a word behind it after “-” or “/” if you like."
    />
    <SwitchField
      label="Keeps rooms in categories"
      :on="c4fm.rooms !== null"
      @change="(on) => change('room memories', (one) => void (one.rooms = on ? { ...FRESH } : null))"
      >Keeps rooms in categories</SwitchField
    >
    <template v-if="c4fm.rooms">
      <TextField
        v-for="[key, label, low, high] in LIMITS"
        :key="key"
        :label="label"
        :value="String(c4fm.rooms[key])"
        :take="(text) => takeWhole(text, low, high, (value) => change(label, (one) => void (one.rooms![key] = value)))"
        mono
      />
    </template>
    <TextField
      label="Stored DTMF codes"
      :value="String(c4fm.dtmfMemories)"
      :take="
        (text) => takeWhole(text, 0, 1000, (value) => change('DTMF codes', (one) => void (one.dtmfMemories = value)))
      "
      mono
      hint="Where it keeps no rooms, the room book is dealt into these."
    />
  </div>
</template>
