<script setup lang="ts">
/** A kit that is known: fill its files, compare with what the radio saved, correct and share it. */
import { computed, ref } from 'vue';
import type { Kit, TableLayout } from '@relay/core/plan/kit';
import { rows } from '@relay/core/plan/table';
import type { Radio } from '@relay/core/plan/types';
import { FilePick } from '../../fields';
import { usePlanStore } from '../../sync/plan-store';
import type { useKit } from './use-kit';
import { many, ROLE_WORDS } from './words';

const props = defineProps<{ files: ReturnType<typeof useKit>; kit: Kit; radio: Radio }>();
const store = usePlanStore();
const keepOthers = ref(true);
const hasChannels = computed(() => props.kit.tables.some(({ role }) => role === 'channels'));
const isKept = computed(() => props.kit.secretFiles !== '');
const channels = computed(() => store.plan!.codeplugs[props.radio.id]!.channels.order.length);
const written = computed(() => store.plan!.written[props.radio.id] ?? null);
const day = (at: string) => new Date(at).toLocaleString('en', { dateStyle: 'medium', timeStyle: 'short' });
const known = (table: TableLayout) => table.columns.filter(({ field }) => field !== null).length;
const nameOf = ({ file, part }: TableLayout) => {
  const name = file.replace(/^.*[/\\]/, '');
  return part === '' ? name : `${name} · ${part.split('/').at(-1)}`;
};
const tables = computed(() => props.kit.tables.map((table, at) => ({ table, at })));

/** A limit as somebody types it; nothing is not known. */
function setLimit(at: number, key: 'mostRows' | 'nameLength', event: Event): void {
  const text = (event.target as HTMLInputElement).value.trim();
  const value = text === '' ? null : Number(text);
  if (value !== null && !(Number.isInteger(value) && value > 0)) return;
  const most = key === 'nameLength' ? 200 : 1_000_000;
  const of = nameOf(props.kit.tables[at]!);
  store.edit(`a limit of ${of}`, (draft) => {
    draft.kits.byId[props.kit.id]!.tables[at]![key] = value === null ? null : Math.min(value, most);
  });
}

/** Nothing is no name: the one before comes back. */
function rename(input: HTMLInputElement): void {
  const name = input.value.trim();
  const isTaken = rows(store.plan!.kits).some((one) => one.id !== props.kit.id && one.name === name);
  if (name === '' || isTaken) {
    if (isTaken) store.notice = `Other files are called “${name}” already.`;
    input.value = props.kit.name;
    return;
  }
  store.edit(`files are called ${name}`, (draft) => {
    draft.kits.byId[props.kit.id]!.name = name;
  });
}

const LETTERS: Readonly<Record<TableLayout['letters'], string>> = {
  any: 'any',
  plain: 'A to z, no accents',
  capitals: 'capitals',
};

function setLetters(at: number, letters: TableLayout['letters']): void {
  store.edit(`the letters of ${nameOf(props.kit.tables[at]!)}`, (draft) => {
    draft.kits.byId[props.kit.id]!.tables[at]!.letters = letters;
  });
}
</script>

<template>
  <section class="part" aria-labelledby="kit-title">
    <div class="head">
      <h2 id="kit-title" class="visually-hidden">{{ kit.name }}</h2>
      <input
        class="plain-input name"
        :value="kit.name"
        aria-label="Name of these files"
        maxlength="60"
        @change="rename($event.target as HTMLInputElement)"
      />
      <span class="soft" data-testid="kit-state">
        {{ many(kit.files.length, 'file') }}, {{ many(kit.tables.length, 'table') }};
        {{
          written
            ? `${written.readBack ? 'read back as planned' : 'marked as written'} ${day(written.at)}`
            : 'never written from this plan'
        }}
      </span>
    </div>
    <div class="act-row">
      <el-button v-if="hasChannels" type="primary" data-testid="fill-kit" @click="files.write(keepOthers)"
        >Fill the files with {{ many(channels, 'channel') }}</el-button
      >
      <FilePick
        label="Files saved from the radio, to compare"
        multiple
        data-testid="compare-kit"
        @several="files.compare"
        >Compare with files from the radio</FilePick
      >
      <el-checkbox v-if="isKept" v-model="keepOthers">Keep rows that only the files have</el-checkbox>
    </div>
    <p v-if="!isKept" class="soft wide">
      The files as the radio saved them are not kept with this plan, so new files are begun from their frames. To keep
      rows that only the radio has,
      <FilePick label="Files of the radio, to be filled" multiple @several="files.write(true, $event)"
        >give its files and fill those</FilePick
      >
    </p>
    <div class="wide-table" tabindex="0" role="group" aria-label="Tables of the kit">
      <table class="plain">
        <thead>
          <tr>
            <th scope="col">Table</th>
            <th scope="col">Rows are</th>
            <th scope="col">Columns understood</th>
            <th scope="col">Most rows</th>
            <th scope="col">Length of a name</th>
            <th scope="col">Letters</th>
            <th scope="col">Written as</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="{ table, at } in tables" :key="`${table.file}/${table.part}`">
            <th scope="row">{{ nameOf(table) }}</th>
            <td>{{ ROLE_WORDS[table.role] }}</td>
            <td>{{ known(table) }} of {{ table.columns.length }}</td>
            <td>
              <input
                class="limit short-input mono"
                inputmode="numeric"
                :disabled="table.role === 'other'"
                :value="table.mostRows ?? ''"
                :placeholder="table.role === 'other' ? '' : 'not known'"
                :aria-label="`Most rows of ${nameOf(table)}`"
                @change="setLimit(at, 'mostRows', $event)"
              />
            </td>
            <td>
              <input
                class="limit short-input mono"
                inputmode="numeric"
                :disabled="table.role === 'other'"
                :value="table.nameLength ?? ''"
                :placeholder="
                  table.role === 'other'
                    ? ''
                    : radio.limits.nameLength === null
                      ? 'not known'
                      : `${radio.limits.nameLength} (radio)`
                "
                :aria-label="`Length of a name in ${nameOf(table)}`"
                @change="setLimit(at, 'nameLength', $event)"
              />
            </td>
            <td>
              <el-select
                size="small"
                class="letters"
                :disabled="table.role === 'other'"
                :model-value="table.letters"
                :aria-label="`Letters that names in ${nameOf(table)} may have`"
                @update:model-value="setLetters(at, $event as TableLayout['letters'])"
              >
                <el-option v-for="(words, letters) in LETTERS" :key="letters" :value="letters" :label="words" />
              </el-select>
            </td>
            <td class="soft">{{ kit.files.find(({ name }) => name === table.file)?.dialect }}</td>
          </tr>
        </tbody>
      </table>
    </div>
    <div class="act-row">
      <el-button v-if="isKept" data-testid="borrow-kit" @click="files.borrow()"
        >Begin the codeplug with these files</el-button
      >
      <FilePick
        v-else-if="hasChannels"
        label="Files to begin the codeplug with"
        multiple
        data-testid="borrow-given"
        @several="files.borrow"
        >Begin the codeplug with files</FilePick
      >
      <el-button data-testid="correct-kit" @click="files.correct()">Correct what is what</el-button>
      <el-button data-testid="share-kit" @click="files.share()">Share the layout</el-button>
      <el-button @click="files.forget()">Forget these files</el-button>
    </div>
  </section>
</template>

<style scoped>
.part {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 12px;
}

.head {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 14px;
  align-items: center;
}

.wide {
  max-width: 84ch;
}

.limit {
  width: 96px;
}

.name {
  width: 300px;
  font-weight: 650;
}

.letters {
  width: 150px;
}
</style>
