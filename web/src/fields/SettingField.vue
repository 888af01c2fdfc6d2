<script setup lang="ts">
/** One setting of a hotspot, in the field that its kind asks for. */
import { computed } from 'vue';
import { readValue } from '@relay/core/settings/read';
import type { Setting, SettingValue } from '@relay/core/settings/setting';
import { lackWords, unitOf, valueText } from '@relay/core/settings/words';
import { meantMHz } from '@relay/core/units/quantities';
import ChoiceField from './ChoiceField.vue';
import type { Taken } from './field';
import SwitchField from './SwitchField.vue';
import TextField from './TextField.vue';

const props = defineProps<{
  setting: Setting;
  /** Said in place of the setting’s own. */
  label?: string;
  hint?: string;
  autofocus?: boolean;
}>();
const emit = defineEmits<{ set: [value: SettingValue] }>();
const LACKS = '';
const MONO = ['frequency', 'shift', 'number', 'numbers'];
const title = computed(() => props.label ?? props.setting.title);
const hint = computed(() => props.hint ?? props.setting.hint);
const at = computed(() => props.setting.path ?? undefined);
const isChoice = computed(
  () => props.setting.kind === 'choice' || (props.setting.kind === 'switch' && props.setting.mayLack),
);
const options = computed(() => {
  const { kind, options: own = [], mayLack } = props.setting;
  const values =
    kind === 'switch'
      ? [
          { value: 'true', label: 'yes' },
          { value: 'false', label: 'no' },
        ]
      : own;
  return mayLack ? [{ value: LACKS, label: lackWords(props.setting) }, ...values] : values;
});

function choose(value: string): void {
  if (value === LACKS) emit('set', null);
  else emit('set', props.setting.kind === 'switch' ? value === 'true' : value);
}

function take(text: string): Taken {
  const read = readValue(props.setting, text);
  if ('value' in read) {
    emit('set', read.value);
    return null;
  }
  const meant = props.setting.kind === 'frequency' ? meantMHz(text) : null;
  const problem = `Found “${text}”, expected ${read.expected}.`;
  return meant === null ? { problem } : { problem, meant };
}
</script>

<template>
  <ChoiceField
    v-if="isChoice"
    :label="title"
    :value="setting.value === null ? LACKS : String(setting.value)"
    :options="options"
    v-bind="{ ...(hint && { hint }), ...(at && { at }) }"
    @choose="choose"
  />
  <SwitchField
    v-else-if="setting.kind === 'switch'"
    :label="title"
    :on="setting.value === true"
    v-bind="at ? { at } : {}"
    @change="(on) => emit('set', on)"
    >{{ title
    }}<template v-if="hint"
      ><br /><span class="soft">{{ hint }}</span></template
    ></SwitchField
  >
  <TextField
    v-else
    :label="title"
    :value="valueText(setting, setting.value)"
    :take="take"
    :unit="unitOf(setting)"
    :mono="MONO.includes(setting.kind)"
    :type="setting.kind === 'secret' ? 'password' : 'text'"
    :placeholder="setting.mayLack ? lackWords(setting) : ''"
    :autofocus="autofocus"
    v-bind="{ ...(hint && { hint }), ...(at && { at }) }"
  />
</template>
