<script setup lang="ts">
/** A field of the header as boxes, one a character: spaces are visible, the eighth is set apart. */
import { computed, nextTick, ref, useId, watch } from 'vue';
import { FIELD_LENGTH } from '@relay/core/plan/modes/dstar/limits';
import type { Taken } from '../../fields/field';

const props = withDefaults(
  defineProps<{
    label: string;
    value: string;
    length?: number;
    take?: (text: string) => Taken;
    expects?: string | null;
    hint?: string;
  }>(),
  { length: FIELD_LENGTH, take: undefined, expects: null, hint: '' },
);
const id = useId();
const shownOf = (value: string) => value.trimEnd();
const text = ref(shownOf(props.value));
const refused = ref<Exclude<Taken, null> | null>(null);
const boxes = computed(() =>
  Array.from({ length: props.length }, (_, at) => ({
    at,
    letter: text.value[at] ?? ' ',
    apart: at === FIELD_LENGTH - 1,
    off: props.expects !== null && refused.value === null && (text.value[at] ?? ' ') !== (props.expects[at] ?? ' '),
  })),
);
const more = computed(() => Math.max(0, text.value.length - props.length));

watch(
  () => props.value,
  (value, before) => {
    if (text.value === shownOf(before)) text.value = shownOf(value);
  },
);

async function commit(typed = text.value): Promise<void> {
  text.value = typed;
  refused.value = typed === shownOf(props.value) ? null : (props.take?.(typed) ?? null);
  if (refused.value !== null) return;
  await nextTick();
  text.value = shownOf(props.value);
}

function giveUp(): void {
  text.value = shownOf(props.value);
  refused.value = null;
}
</script>

<template>
  <div class="cells">
    <label :for="id" class="name">{{ label }}</label>
    <div class="row" :style="{ '--count': length + more }">
      <span
        v-for="box in boxes"
        :key="box.at"
        class="box"
        :class="{ 'box--apart': box.apart, 'box--off': box.off, 'box--space': box.letter === ' ' }"
        aria-hidden="true"
        >{{ take ? '' : box.letter }}<i v-if="box.letter === ' '">·</i></span
      >
      <input
        v-if="take"
        :id="id"
        v-model="text"
        class="mono"
        :class="{ bad: refused }"
        :aria-invalid="refused !== null"
        :aria-describedby="refused ? `${id}-problem` : hint ? `${id}-hint` : undefined"
        autocomplete="off"
        autocapitalize="characters"
        spellcheck="false"
        @change="commit()"
        @keydown.enter="commit()"
        @keydown.esc="giveUp"
      />
      <output v-else :id="id" class="visually-hidden">{{ text.replaceAll(' ', '·') || 'empty' }}</output>
    </div>
    <p v-if="refused" :id="`${id}-problem`" class="told is-broken" role="alert">
      {{ refused.problem }}
      <button v-if="refused.meant" type="button" @click="commit(refused.meant)">
        Use {{ refused.meant.replaceAll(' ', '·') }}
      </button>
    </p>
    <p v-else-if="expects !== null && shownOf(expects) !== text" class="told is-broken">
      needs {{ shownOf(expects).replaceAll(' ', '·') || 'nothing' }}
    </p>
    <p v-else-if="hint" :id="`${id}-hint`" class="told soft">{{ hint }}</p>
  </div>
</template>

<style scoped>
.cells {
  --box: 23px;

  display: grid;
  grid-template-columns: 58px auto minmax(0, 1fr);
  gap: 2px 12px;
  align-items: center;
}

.name {
  color: var(--ink-soft);
  font-size: 12px;
  font-weight: 600;
}

.row {
  position: relative;
  display: flex;
  width: calc(var(--box) * var(--count) + 2px);
  height: 29px;
}

.box {
  position: relative;
  width: var(--box);
  height: 29px;
  flex: none;
  color: var(--ink);
  background: var(--raised);
  border: 1px solid var(--edge);
  border-right-width: 0;
  font: 500 15px/27px var(--mono);
  text-align: center;
}

.box:last-of-type {
  border-right-width: 1px;
}

/* The letter that says which module, or the gateway. */
.box--apart {
  background: var(--sunk);
  border-left: 3px double var(--ink);
  border-bottom: 3px solid var(--ink);
}

.box--off {
  background: var(--broken-pale);
  border-bottom: 3px solid var(--broken);
}

.box i {
  position: absolute;
  inset: 0;
  color: var(--ink-faint);
  font-style: normal;
  text-align: center;
}

input {
  position: absolute;
  inset: 0;
  width: calc(var(--box) * var(--count) + 12px);
  padding: 0 0 0 calc((var(--box) - 1ch) / 2 + 0.5px);
  color: var(--ink);
  background: none;
  border: 0;
  font: 500 15px/27px var(--mono);
  letter-spacing: calc(var(--box) - 1ch);
  text-transform: uppercase;
}

input:focus-visible {
  outline: 2px solid var(--ink);
  outline-offset: 1px;
}

.told {
  max-width: 52ch;
  font-size: 12px;
}

.told button {
  color: inherit;
  background: none;
  border: 1px solid;
  border-radius: 3px;
  font: inherit;
  cursor: pointer;
}

@media (max-width: 760px) {
  .cells {
    grid-template-columns: 58px auto;
  }

  .told {
    grid-column: 1 / -1;
  }
}
</style>
