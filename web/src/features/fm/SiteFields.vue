<script setup lang="ts">
/** What a site asks for and sends in FM: its tones and its width. */
import { FM_WIDTHS_HZ } from '@relay/core/plan/modes/fm/limits';
import type { FmWidthHz } from '@relay/core/plan/modes/fm/types';
import type { Site } from '@relay/core/plan/types';
import { readToneText } from '@relay/core/units/tones';
import { ChoiceField, TextField } from '../../fields';
import type { Taken } from '../../fields/field';

defineProps<{ site: Site }>();
const emit = defineEmits<{ change: [label: string, recipe: (site: Site) => void] }>();
const WIDTHS = FM_WIDTHS_HZ.map((width) => ({ value: String(width), label: `${width / 1000} kHz` }));

const takeTone =
  (key: 'toneIn' | 'toneOut', label: string) =>
  (text: string): Taken => {
    const tone = readToneText(text);
    if (tone === undefined)
      return { problem: `Found “${text}”, expected a CTCSS tone such as 110.9, a DCS code such as D023N, or none.` };
    emit('change', label, (one) => void (one.fm![key] = tone));
    return null;
  };
</script>

<template>
  <TextField
    label="Opens on"
    :value="site.fm!.toneIn ?? 'none'"
    :take="takeTone('toneIn', 'tone')"
    mono
    hint="The tone your radio must send: 110.9, D023N, or none."
  />
  <TextField
    label="Sends tone"
    :value="site.fm!.toneOut ?? 'none'"
    :take="takeTone('toneOut', 'sent tone')"
    mono
    hint="Only what is known: a radio that opens on a tone nobody sends stays silent."
  />
  <ChoiceField
    label="Width"
    :value="String(site.fm!.widthHz)"
    :options="WIDTHS"
    @choose="(width) => emit('change', 'width', (one) => void (one.fm!.widthHz = Number(width) as FmWidthHz))"
  />
</template>
