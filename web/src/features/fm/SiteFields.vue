<script setup lang="ts">
/** What a site asks for and sends in FM: its tones and its width. */
import { FM_WIDTHS_HZ } from '@relay/core/plan/modes/fm/limits';
import type { FmWidthHz } from '@relay/core/plan/modes/fm/types';
import type { Site } from '@relay/core/plan/types';
import { readTone, type SiteTone } from '@relay/core/units/tones';
import { ChoiceField, TextField } from '../../fields';
import { NOT_SAID, saysNothing, type Taken } from '../../fields/field';

defineProps<{ site: Site }>();
const emit = defineEmits<{ change: [label: string, recipe: (site: Site) => void] }>();
const WIDTHS = [
  { value: NOT_SAID, label: NOT_SAID },
  ...FM_WIDTHS_HZ.map((width) => ({ value: String(width), label: `${width / 1000} kHz` })),
];
const shown = (tone: SiteTone): string => tone ?? NOT_SAID;

const takeTone =
  (key: 'toneIn' | 'toneOut', label: string) =>
  (text: string): Taken => {
    const tone = saysNothing(text) ? null : readTone(text);
    if (tone === undefined)
      return {
        problem: `Found “${text}”, expected a CTCSS tone such as 110.9, a DCS code such as D023N or D023I, 1750, none, or nothing where it is not said.`,
      };
    emit('change', label, (one) => void (one.fm![key] = tone));
    return null;
  };
</script>

<template>
  <TextField
    label="Opens on"
    :value="shown(site.fm!.toneIn)"
    :take="takeTone('toneIn', 'tone')"
    mono
    hint="The tone your radio must send: 110.9, D023N, 1750, or none. Empty: not said."
  />
  <TextField
    label="Sends tone"
    :value="shown(site.fm!.toneOut)"
    :take="takeTone('toneOut', 'sent tone')"
    mono
    hint="A radio that opens on a tone nobody sends stays silent. Empty: not said."
  />
  <ChoiceField
    label="Width"
    :value="String(site.fm!.widthHz ?? NOT_SAID)"
    :options="WIDTHS"
    @choose="
      (width) =>
        emit(
          'change',
          'width',
          (one) => void (one.fm!.widthHz = width === NOT_SAID ? null : (Number(width) as FmWidthHz)),
        )
    "
  />
</template>
