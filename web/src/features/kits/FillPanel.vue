<script setup lang="ts">
/** What was written into the files of a radio: counts, names that were cut, what did not fit, what cannot be said. */
import { computed } from 'vue';
import type { Radio } from '@relay/core/plan/types';
import type { Written } from '../../worker/kit-worker';
import { many } from './words';

const props = defineProps<{ written: Written & { name: string }; radio: Radio }>();
defineEmits<{ save: []; close: [] }>();
const report = computed(() => props.written.report);
const tables = computed(() =>
  report.value.tables.filter(({ added, changed, removed }) => added + changed + removed > 0),
);
const SHOWN = 8;
const countsOf = ({ added, changed, removed }: { added: number; changed: number; removed: number }) =>
  [
    [added, 'new'],
    [changed, 'changed'],
    [removed, 'gone'],
  ]
    .filter(([count]) => count !== 0)
    .map((part) => part.join(' '))
    .join(', ');
</script>

<template>
  <section class="result-panel" aria-labelledby="fill-title" data-testid="fill-report">
    <h2 id="fill-title">
      {{ written.zip ? 'The files are ready, and read back as the plan has them' : 'The files are not handed out' }}
    </h2>
    <template v-if="!written.zip">
      <p class="is-broken" role="alert">
        Read back, they would not say what the plan says. The layout must be corrected first.
      </p>
      <ul class="is-broken">
        <li v-for="(one, i) in report.wrong.slice(0, SHOWN)" :key="i">
          {{ one.file }}{{ one.line === null ? '' : `, line ${one.line}` }}, {{ one.column || 'row' }}: found
          {{ one.found }}, expected {{ one.expected }}.
        </li>
        <li v-if="report.wrong.length > SHOWN">and {{ report.wrong.length - SHOWN }} more.</li>
      </ul>
    </template>
    <p role="status">
      <template v-if="tables.length === 0"
        >Nothing had to be changed: the files are byte for byte as they were.</template
      >
      <template v-for="(one, i) in tables" :key="`${one.file}/${one.part}`"
        >{{ i > 0 ? '; ' : '' }}{{ one.role }}: {{ countsOf(one) }}</template
      ><template v-if="tables.length">.</template>
      <template v-if="report.kept"> {{ many(report.kept, 'channel') }} that only the files have stayed.</template>
    </p>
    <details v-if="report.renamed.length">
      <summary>{{ many(report.renamed.length, 'name was', 'names were') }} changed to fit</summary>
      <ul>
        <li v-for="one in report.renamed" :key="one.from">{{ one.from }} → {{ one.to }}</li>
      </ul>
    </details>
    <details v-if="report.leftOut.length" open>
      <summary class="is-doubtful">{{ many(report.leftOut.length, 'thing') }} left out</summary>
      <ul>
        <li v-for="(one, i) in report.leftOut.slice(0, 40)" :key="i">{{ one.name }} ({{ one.what }}): {{ one.why }}</li>
        <li v-if="report.leftOut.length > 40">and {{ report.leftOut.length - 40 }} more.</li>
      </ul>
    </details>
    <details v-if="report.losses.length">
      <summary>What these files cannot say</summary>
      <ul>
        <li v-for="one in report.losses" :key="`${one.why} ${one.title}`">
          {{ one.title }}:
          {{ one.why === 'no column' ? 'there is no column for it' : 'the files show no word for it' }} ({{
            many(one.count, 'time')
          }})
        </li>
      </ul>
    </details>
    <details v-if="report.findings.length">
      <summary class="is-doubtful">{{ many(report.findings.length, 'cell') }} of the files could not be read</summary>
      <ul>
        <li v-for="(one, i) in report.findings.slice(0, 20)" :key="i">
          {{ one.file }}{{ one.line === null ? '' : `, line ${one.line}` }}, {{ one.column || 'row' }}: found
          {{ one.found }}, expected {{ one.expected }}. It is left as it is.
        </li>
        <li v-if="report.findings.length > 20">and {{ report.findings.length - 20 }} more.</li>
      </ul>
    </details>
    <ol v-if="written.zip" class="steps">
      <li>Keep a copy of what is in {{ radio.name }} now: save it with the radio’s own program under another name.</li>
      <li>Open the new files with that program, look at a row you know, and write them to the radio.</li>
      <li>Read the radio again, save its files, and compare them here: a clean comparison marks it as written.</li>
    </ol>
    <div class="act-row">
      <el-button v-if="written.zip" type="primary" data-testid="save-kit-files" @click="$emit('save')"
        >Save {{ written.name }}</el-button
      >
      <el-button @click="$emit('close')">Close</el-button>
      <span v-if="written.zip" class="soft mono">fingerprint {{ written.fingerprint }}</span>
    </div>
  </section>
</template>

<style scoped>
p,
ul,
ol {
  margin: 0;
}

summary {
  cursor: pointer;
}
</style>
