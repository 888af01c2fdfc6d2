<script setup lang="ts">
/** The radio header as it goes on the air: its fields as boxes, its bytes on request. */
import { computed, ref } from 'vue';
import { FIELD_CHARACTERS, FIELD_LENGTH, SUFFIX_LENGTH } from '@relay/core/plan/modes/dstar/limits';
import { padField } from '@relay/core/modes/dstar/addresses';
import { encodeHeader } from '@relay/core/modes/dstar/header';
import CallSignCells from './CallSignCells.vue';

const props = defineProps<{ ur: string; rpt1: string; rpt2: string; my: string; suffix: string }>();
const bytesShown = ref(false);
const clean = (text: string, length: number) =>
  FIELD_CHARACTERS.test(text.toUpperCase())
    ? padField(text.toUpperCase(), length).slice(0, length)
    : padField('', length);
const fields = computed(() => ({
  rpt2: clean(props.rpt2, FIELD_LENGTH),
  rpt1: clean(props.rpt1, FIELD_LENGTH),
  ur: clean(props.ur, FIELD_LENGTH),
  my: clean(props.my, FIELD_LENGTH),
  suffix: clean(props.suffix, SUFFIX_LENGTH),
}));
/** Flags of a voice call through a repeater: none set but the one that says so (JARL, D-STAR system standard; from memory). */
const VOICE_THROUGH_REPEATER = [0x40, 0, 0] as const;
const hex = (bytes: Uint8Array) => [...bytes].map((byte) => byte.toString(16).padStart(2, '0')).join(' ');
const parts = computed(() => {
  const bytes = encodeHeader({ flags: VOICE_THROUGH_REPEATER, ...fields.value });
  let at = 0;
  return (
    [
      ['flags', 3],
      ['RPT2', 8],
      ['RPT1', 8],
      ['UR', 8],
      ['MY', 8],
      ['suffix', 4],
      ['check sequence', 2],
    ] as const
  ).map(([name, length]) => {
    const part = { name, text: hex(bytes.subarray(at, at + length)) };
    at += length;
    return part;
  });
});
const bytesOf = (name: string) => (bytesShown.value ? parts.value.find((part) => part.name === name)!.text : '');
</script>

<template>
  <section aria-label="Radio header" class="header">
    <div class="boxes">
      <CallSignCells label="RPT2" :value="fields.rpt2" :hint="bytesOf('RPT2')" />
      <CallSignCells label="RPT1" :value="fields.rpt1" :hint="bytesOf('RPT1')" />
      <CallSignCells label="UR" :value="fields.ur" :hint="bytesOf('UR')" />
      <CallSignCells label="MY" :value="fields.my" :hint="bytesOf('MY')" />
      <CallSignCells label="Suffix" :value="fields.suffix" :length="SUFFIX_LENGTH" :hint="bytesOf('suffix')" />
    </div>
    <p v-if="bytesShown" class="soft" data-testid="header-bytes">
      In the order of the air, after the flags <span class="mono">{{ parts[0]!.text }}</span>; then the check sequence
      <span class="mono">{{ parts.at(-1)!.text }}</span>, low byte first.
    </p>
    <el-button size="small" :aria-expanded="bytesShown" @click="bytesShown = !bytesShown">{{
      bytesShown ? 'Hide the bytes' : 'Show the 41 bytes'
    }}</el-button>
  </section>
</template>

<style scoped>
.header,
.boxes {
  display: grid;
  gap: 4px;
  justify-items: start;
}

.boxes :deep(.told) {
  font-family: var(--mono);
}
</style>
