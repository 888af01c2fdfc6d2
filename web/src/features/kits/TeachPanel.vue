<script setup lang="ts">
/** Teaching a kit: one doubt at a time, and each table with what its columns hold. */
import { computed, ref, watch } from 'vue';
import type { Radio } from '@relay/core/plan/types';
import ColumnRibbons from './ColumnRibbons.vue';
import type { useKit } from './use-kit';
import { many, ROLE_WORDS, sureness } from './words';

const props = defineProps<{ files: ReturnType<typeof useKit>; radio: Radio }>();
const { learnt, question, questions, correcting } = props.files;
const tables = computed(() => learnt.value?.tables ?? []);
// The channels are what matters most.
const at = ref(
  Math.max(
    0,
    tables.value.findIndex(({ layout }) => layout.role === 'channels'),
  ),
);
const table = computed(() => tables.value[at.value] ?? null);
const columnsOf = (place: number) => tables.value[place]!.columns;
const doubts = (place: number) =>
  columnsOf(place).filter(({ field, confidence }) => sureness(field, confidence) === 'doubtful').length;
const known = computed(
  () => tables.value.flatMap(({ columns }) => columns).filter(({ field }) => field !== null).length,
);
const carried = computed(() => tables.value.flatMap(({ columns }) => columns).length - known.value);
const hasChannels = computed(() =>
  tables.value.some(({ layout }) => layout.role === 'channels' || layout.role === 'site list'),
);
const title = (place: number) => {
  const { file, part } = tables.value[place]!.layout;
  const name = file.replace(/^.*[/\\]/, '');
  return part === '' ? name : `${name} · ${part.split('/').at(-1)}`;
};

// The doubt that is asked about is in view.
watch(
  question,
  (now) => {
    const place = tables.value.findIndex(({ layout }) => layout.file === now?.file && layout.part === now.part);
    if (place >= 0) at.value = place;
  },
  { immediate: true },
);
</script>

<template>
  <section class="teach" aria-labelledby="teaching">
    <div class="head">
      <h2 id="teaching">{{ correcting ? `What is what in ${correcting.name}` : 'What was found' }}</h2>
      <span data-testid="teach-state" role="status">
        {{ many(tables.length, 'table') }}: {{ many(known, 'column is', 'columns are') }} understood,
        {{ carried }} carried along<template v-if="questions">; {{ many(questions, 'question') }} left</template>.
      </span>
      <span class="act-row">
        <el-button
          type="primary"
          :disabled="!hasChannels"
          data-testid="keep-kit"
          @click="files.keep(`Files of ${radio.name}`)"
          >Keep this layout</el-button
        >
        <el-button @click="files.reset()">{{ correcting ? 'Leave it as it was' : 'Not these files' }}</el-button>
      </span>
    </div>
    <p v-if="!hasChannels" class="is-doubtful" role="alert">
      None of the tables looks like a list of channels. Give it the file with the channels too, or say below which
      column holds the frequency.
    </p>
    <div v-if="question" class="doubt doubt-panel" role="group" aria-label="A question" data-testid="kit-question">
      <p>
        <strong>{{ question.text }}</strong> <span class="soft">{{ question.why }}</span>
      </p>
      <div class="act-row">
        <el-button
          v-for="option in question.options"
          :key="option.label"
          @click="files.answer(option.answers, question)"
          >{{ option.label }}<span v-if="option.detail" class="soft">&nbsp;· {{ option.detail }}</span></el-button
        >
      </div>
    </div>
    <ul v-if="learnt!.faults.length" class="is-doubtful" data-testid="kit-faults">
      <li v-for="(one, i) in learnt!.faults.slice(0, 6)" :key="i">
        {{ one.file }}, line {{ one.line }}: found {{ one.found }}, expected {{ one.expected }}. The line is left as it
        is.
      </li>
      <li v-if="learnt!.faults.length > 6">and {{ learnt!.faults.length - 6 }} more.</li>
    </ul>
    <div class="tables" role="tablist" aria-label="Tables of the kit">
      <button
        v-for="(one, place) in tables"
        :key="`${one.layout.file}/${one.layout.part}`"
        type="button"
        role="tab"
        :aria-selected="place === at"
        :class="{ here: place === at }"
        @click="at = place"
      >
        <strong>{{ title(place) }}</strong>
        <span>{{ many(one.rows, 'row') }} · {{ ROLE_WORDS[one.layout.role] }}</span>
        <span v-if="doubts(place)" class="is-doubtful">{{ many(doubts(place), 'doubt') }}</span>
      </button>
    </div>
    <ColumnRibbons
      v-if="table"
      :key="`${table.layout.file}/${table.layout.part}`"
      :table="table"
      @teach="files.answer($event)"
    />
  </section>
</template>

<style scoped>
.teach {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 12px;
}

.head {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 16px;
  align-items: center;
}

.head .act-row {
  margin-left: auto;
}

.doubt {
  display: grid;
  gap: 8px;
}

.doubt p,
ul {
  margin: 0;
}

.tables {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}

.tables button {
  display: grid;
  gap: 1px;
  padding: 6px 12px;
  color: inherit;
  font: inherit;
  text-align: left;
  cursor: pointer;
  background: var(--raised);
  border: 1px solid var(--hairline);
  border-radius: 3px;
}

.tables .here {
  box-shadow: inset 0 -4px 0 var(--yellow);
}
</style>
