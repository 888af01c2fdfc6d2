<script setup lang="ts">
/** One labelled field. What cannot be taken stays in it, with the reason beside it and the value that was meant. */
import { computed, nextTick, ref, useId, watch } from 'vue';
import type { PathKey } from '@relay/core/plan/patches';
import FieldRow from './FieldRow.vue';
import type { Taken } from './field';

const props = defineProps<{
  label: string;
  value: string;
  take: (text: string) => Taken;
  hint?: string;
  unit?: string;
  mono?: boolean;
  type?: string;
  placeholder?: string;
  autofocus?: boolean;
  bare?: boolean;
  /** Where its value stands in a profile. */
  at?: readonly PathKey[];
}>();
const id = useId();
const text = ref(props.value);
const refused = ref<Exclude<Taken, null> | null>(null);
const describedBy = computed(
  () => [props.hint ? `${id}-hint` : '', refused.value ? `${id}-problem` : ''].filter(Boolean).join(' ') || undefined,
);

/** A change from elsewhere shows at once, unless something is being typed here: that is never lost. */
watch(
  () => props.value,
  (value, before) => {
    if (text.value === before) text.value = value;
  },
);

async function commit(typed = text.value): Promise<void> {
  text.value = typed;
  refused.value = typed === props.value ? null : props.take(typed);
  if (refused.value !== null) return;
  // Shown as the plan has it now: 439,125 becomes 439.1250.
  await nextTick();
  text.value = props.value;
}

function giveUp(): void {
  text.value = props.value;
  refused.value = null;
}
</script>

<template>
  <FieldRow :label="label" :for="id" :bare="bare" :at="at">
    <input
      :id="id"
      v-model="text"
      :type="type ?? 'text'"
      :class="{ mono, bad: refused, 'is-bare': bare }"
      :aria-invalid="refused !== null"
      :aria-describedby="describedBy"
      :placeholder="placeholder"
      :autofocus="autofocus"
      autocomplete="off"
      spellcheck="false"
      @change="commit()"
      @keydown.enter="commit()"
      @keydown.esc="giveUp"
    />
    <span v-if="unit" class="unit soft">{{ unit }}</span>
    <template v-if="refused || hint" #notes>
      <p v-if="refused" :id="`${id}-problem`" class="is-broken" role="alert">
        {{ refused.problem }}
        <button v-if="refused.meant" type="button" @click="commit(refused.meant)">Use {{ refused.meant }}</button>
      </p>
      <p v-if="hint" :id="`${id}-hint`" class="soft">{{ hint }}</p>
    </template>
  </FieldRow>
</template>

<style scoped>
input {
  flex: 1 1 130px;
  width: 130px;
  min-width: 0;
  max-width: 260px;
  height: 32px;
  padding: 0 8px;
  color: var(--ink);
  background: var(--raised);
  border: 1px solid var(--edge);
  border-radius: 3px;
  font-size: 13px;
}

input:not(.mono) {
  font-family: inherit;
}

.is-bare {
  max-width: none;
}

input.bad {
  border-color: var(--broken);
  border-width: 2px;
}

button {
  color: inherit;
  background: none;
  border: 1px solid;
  border-radius: 3px;
  font: inherit;
  cursor: pointer;
}
</style>
