<script setup lang="ts">
/** What a radio has of DMR: the ID it calls as, and what it hears. */
import { formatId } from '@relay/core/modes/dmr/addresses';
import type { Radio } from '@relay/core/plan/types';
import { computed } from 'vue';
import { ADMIT_WORDS } from '@relay/core/modes/dmr/channel';
import type { AdmitCriterion } from '@relay/core/plan/modes/dmr/types';
import { FieldRow, SwitchField, TextField } from '../../fields';
import { takeWhole, type Taken } from '../../fields/field';

const props = defineProps<{ radio: Radio }>();
const emit = defineEmits<{ change: [label: string, recipe: (radio: Radio) => void] }>();
const MOST = 999_999_999;

const admits = computed(() => props.radio.dmr!.admits ?? []);

/** None: nobody has said. */
function setAdmits(values: unknown): void {
  const chosen = Object.keys(ADMIT_WORDS).filter((one) => (values as string[]).includes(one)) as AdmitCriterion[];
  emit('change', 'what it can wait for', (radio) => void (radio.dmr!.admits = chosen.length === 0 ? null : chosen));
}

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
  <FieldRow label="Can wait for" label-id="admits-label">
    <el-checkbox-group
      :model-value="admits"
      aria-label="What it can wait for before it sends; none ticked: not known"
      @update:model-value="setAdmits"
    >
      <el-checkbox v-for="(words, admit) in ADMIT_WORDS" :key="admit" :value="admit">{{ words }}</el-checkbox>
    </el-checkbox-group>
  </FieldRow>
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
