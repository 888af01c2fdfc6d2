<script setup lang="ts">
/** A list of any layout: what its columns were taken for, what would come in, and then the import. */
import { computed, ref, shallowRef } from 'vue';
import { describeReadFinding } from '@relay/core/formats/format';
import type { ColumnField } from '@relay/core/lists/types';
import type { ListSummary } from '@relay/core/lists/filed';
import { writeCsv } from '@relay/core/formats/csv';
import { FilePick } from '../../fields';
import { download, fileName } from '../../fields/download';
import { api, type ListPreview } from '../../sync/api';

const open = defineModel<boolean>({ required: true });
const emit = defineEmits<{ imported: [list: ListSummary] }>();
const file = shallowRef<File | null>(null);
const preview = shallowRef<ListPreview | null>(null);
const fields = ref<ColumnField[]>([]);
const about = ref({ name: '', source: '', licence: '', issuedOn: '' });
const busy = ref('');
const problem = ref('');
const progress = ref<{ done: number; of: number } | null>(null);
let stop: AbortController | null = null;

const TITLES: Readonly<Record<ColumnField, string>> = {
  callSign: 'call sign',
  module: 'module letter',
  name: 'name',
  place: 'place',
  country: 'country',
  lat: 'latitude',
  lon: 'longitude',
  position: 'latitude and longitude',
  locator: 'locator',
  output: 'site sends on',
  input: 'site listens on',
  shift: 'shift',
  tone: 'tone it opens on',
  toneOut: 'tone it sends',
  width: 'FM width',
  colorCode: 'color code',
  groups: 'groups, slot in the cell or not said',
  slot1: 'groups, slot 1',
  slot2: 'groups, slot 2',
  slot1Dynamic: 'dynamic groups, slot 1',
  slot2Dynamic: 'dynamic groups, slot 2',
  nac: 'network access code',
  groupId: 'group ID (C4FM)',
  networks: 'networks reached',
  linked: 'linked by default',
  modes: 'modes',
  'mode:FM': 'has FM',
  'mode:DMR': 'has DMR',
  'mode:D-STAR': 'has D-STAR',
  'mode:C4FM': 'has C4FM',
  'mode:P25': 'has P25',
  status: 'status',
  confirmed: 'last confirmed',
  notes: 'notes',
  unused: 'not used',
};
const OPTIONS = Object.entries(TITLES) as [ColumnField, string][];
const MOST = 12;
const MOST_NAMED = 8;
const named = (callSigns: readonly string[]) =>
  callSigns.length === 0
    ? ''
    : ` (${callSigns.slice(0, MOST_NAMED).join(', ')}${callSigns.length > MOST_NAMED ? ' …' : ''})`;
const unit = (factor: number) => ({ 1e6: 'MHz', 1e3: 'kHz', 1: 'Hz' })[factor] ?? '';
const missing = computed(() =>
  (['callSign', 'output'] as const).filter((field) => !fields.value.includes(field)).map((field) => TITLES[field]),
);
const ready = computed(
  () => preview.value !== null && preview.value.good > 0 && about.value.name.trim() !== '' && busy.value === '',
);

async function work(words: string, act: (signal: AbortSignal) => Promise<void>): Promise<void> {
  stop?.abort();
  const mine = (stop = new AbortController());
  busy.value = words;
  problem.value = '';
  progress.value = null;
  try {
    await act(mine.signal);
  } catch (error) {
    problem.value = mine.signal.aborted ? 'Stopped. Nothing was stored.' : (error as Error).message;
  }
  if (stop === mine) busy.value = '';
}

async function look(chosen: string): Promise<void> {
  await work('Reading…', async (signal) => {
    const seen = await api.previewList(file.value!, about.value.name.trim(), chosen, signal);
    preview.value = seen;
    fields.value = seen.columns.map((column) => column.field);
  });
}

/** It takes the place of that list, whose corrections stay. */
async function newerVersionOf(name: string): Promise<void> {
  about.value.name = name;
  await look(fields.value.join(','));
}

async function pick(chosen: File): Promise<void> {
  file.value = chosen;
  preview.value = null;
  about.value = { name: chosen.name.replace(/\.\w+$/, ''), source: chosen.name, licence: '', issuedOn: '' };
  await look('');
}

async function take(at: number, field: ColumnField): Promise<void> {
  // Each meaning once: the column that had it gives it up.
  const next = fields.value.map((one, i) => (i === at ? field : one === field && field !== 'unused' ? 'unused' : one));
  await look(next.join(','));
}

/** The lines as they were, with the reason behind each: mended, they are a list again. */
function saveRejected(): void {
  const { header, rejectedLines } = preview.value!;
  const rows = rejectedLines.map(({ cells, why }) => [...cells, why]);
  download(
    `${fileName(about.value.name || 'list')}-rejected.csv`,
    'text/csv',
    writeCsv(header ? [[...header, 'rejected because'], ...rows] : rows),
  );
}

async function add(): Promise<void> {
  await work('Importing…', async (signal) => {
    const { list } = await api.addList(
      { ...about.value, fields: fields.value.join(',') },
      file.value!,
      signal,
      (done, of) => (progress.value = { done, of }),
    );
    emit('imported', list);
    open.value = false;
    file.value = null;
    preview.value = null;
  });
}
</script>

<template>
  <el-drawer v-model="open" size="min(860px, 100%)" title="Import a list of sites" @closed="stop?.abort()">
    <p>
      <FilePick label="List of sites" accept=".csv,.tsv,.txt,.json,.geojson,.gpx" @pick="pick">Choose a file</FilePick>
      <span class="soft"
        >CSV in any layout, GeoJSON, waypoints of a GPX, or our own JSON. Columns are guessed from headings and content;
        look, and correct what is wrong.</span
      >
    </p>
    <p v-if="busy" role="status">
      {{ busy }}
      <template v-if="progress"
        ><progress :value="progress.done" :max="progress.of" aria-label="Lines stored" />
        {{ progress.done.toLocaleString('en') }} of {{ progress.of.toLocaleString('en') }} lines</template
      >
      <el-button size="small" @click="stop?.abort()">Stop</el-button>
    </p>
    <p v-if="problem" role="alert" class="is-broken">{{ problem }}</p>
    <template v-if="preview && file">
      <p data-testid="list-counts">
        <strong>{{ file.name }}</strong>
        <span class="soft">{{ preview.layout }}{{ preview.headed ? '' : ', no headings' }}</span
        ><br />{{ preview.good.toLocaleString('en') }} sites, {{ preview.doubtful.toLocaleString('en') }} of them with a
        doubt, {{ preview.rejected }} lines rejected.
      </p>
      <p v-if="missing.length" class="is-broken">No column is taken for {{ missing.join(' or ') }}: choose it.</p>
      <p v-if="preview.alike" data-testid="list-alike">
        {{ Math.round(preview.alike.share * 100) }} % of these sites are in <strong>{{ preview.alike.name }}</strong>:
        is this a newer version of it? As a list of its own, each of them would be there twice.
        <el-button size="small" @click="newerVersionOf(preview.alike.name)"
          >Newer version of {{ preview.alike.name }}</el-button
        >
      </p>
      <p v-if="preview.difference" data-testid="list-difference">
        A list of this name is there: {{ preview.difference.fresh }} new,
        {{ preview.difference.changed.length }} changed{{ named(preview.difference.changed) }},
        {{ preview.difference.same }} the same, {{ preview.difference.gone.length }} gone{{
          named(preview.difference.gone)
        }}. The import replaces it; corrections stay.
      </p>
      <table class="plain">
        <thead>
          <tr>
            <th scope="col">Column</th>
            <th scope="col">For example</th>
            <th scope="col">Taken for</th>
            <th scope="col">How sure</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="(column, at) in preview.columns" :key="at" data-testid="list-column">
            <td>{{ column.title }}</td>
            <td class="mono sample">
              {{
                preview.sample
                  .slice(0, 3)
                  .map((row) => row[at] ?? '')
                  .filter(Boolean)
                  .join(' · ')
              }}
            </td>
            <td>
              <el-select
                :persistent="false"
                :model-value="fields[at]"
                :aria-label="`${column.title} is taken for`"
                class="field"
                @update:model-value="take(at, $event as ColumnField)"
                ><el-option v-for="[field, title] in OPTIONS" :key="field" :value="field" :label="title"
              /></el-select>
              <span v-if="['output', 'input', 'shift'].includes(column.field)" class="soft">
                in {{ unit(column.factor) }}</span
              >
            </td>
            <td>
              <span class="mono">{{
                column.field === 'unused' ? '' : `${Math.round(column.confidence * 100)} %`
              }}</span>
              <span v-if="column.question" class="is-doubtful question">{{ column.question }}</span>
            </td>
          </tr>
        </tbody>
      </table>
      <p v-if="preview.unread.length" data-testid="list-unread">
        Not used, though something stands in them:
        {{ preview.unread.map((one) => `${one.title} (${one.filled.toLocaleString('en')})`).join(', ') }}. Choose above
        what they are, or leave them.
      </p>
      <details v-if="preview.findings.length" open>
        <summary>What is wrong, line by line</summary>
        <p v-if="preview.rejected">
          <el-button size="small" @click="saveRejected"
            >Save the {{ preview.rejected }} rejected {{ preview.rejected === 1 ? 'line' : 'lines' }}</el-button
          >
          <span class="soft">to mend them in a spreadsheet and import them after.</span>
        </p>
        <ul>
          <li v-for="(one, i) in preview.findings.slice(0, MOST)" :key="i">{{ describeReadFinding(one) }}</li>
        </ul>
        <p v-if="preview.findings.length > MOST" class="soft">and {{ preview.findings.length - MOST }} more.</p>
      </details>
      <div class="about">
        <label
          >Name <input class="plain-input" v-model="about.name" maxlength="100" @change="look(fields.join(','))"
        /></label>
        <label>Source <input class="plain-input" v-model="about.source" maxlength="200" /></label>
        <label
          >Licence note
          <input class="plain-input" v-model="about.licence" maxlength="200" placeholder="who may use it, and how"
        /></label>
        <label
          >Issued on
          <el-date-picker v-model="about.issuedOn" value-format="YYYY-MM-DD" format="YYYY-MM-DD" placeholder="not said"
        /></label>
      </div>
    </template>
    <template #footer>
      <el-button @click="open = false">Close</el-button>
      <el-button type="primary" :disabled="!ready" data-testid="import-list" @click="add"
        >Import {{ preview?.good ?? '' }} sites</el-button
      >
    </template>
  </el-drawer>
</template>

<style scoped>
p {
  margin-bottom: 10px;
}

.sample {
  max-width: 280px;
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}

.question {
  display: block;
  max-width: 240px;
}

.field {
  width: 176px;
}

.about {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 10px 16px;
  margin-top: 14px;
}

.about label {
  display: grid;
  gap: 2px;
}

@media (max-width: 760px) {
  .about {
    grid-template-columns: 1fr;
  }
}
</style>
