<script setup lang="ts">
/** A table as it is in the file on the left; a ribbon from each of its columns to the field of ours that it holds. */
import { computed } from 'vue';
import type { Answer } from '@relay/core/kits/learn/learnt';
import { fieldsOf } from '@relay/core/kits/learn/fields';
import { KIT_ROLES, type KitRole } from '@relay/core/plan/kit';
import { KIT_MODES } from '@relay/core/registries/kits';
import type { LearntView } from '../../worker/kit-worker';
import { BECAUSE_WORDS, codecWords, ROLE_WORDS, sureness } from './words';

type LearntTable = LearntView['tables'][number];

const props = defineProps<{ table: LearntTable }>();
const emit = defineEmits<{ teach: [answers: Answer[]] }>();
const CARRIED = 'carried along';
const place = computed(() => ({ file: props.table.layout.file, part: props.table.layout.part }));
const options = computed(() => [
  { value: CARRIED, label: CARRIED },
  ...fieldsOf(props.table.layout.role, KIT_MODES).map(({ id, title }) => ({ value: id, label: title })),
]);
const titleOf = (title: string, at: number) => title || `Column ${at + 1}`;

function teach(column: number, value: string): void {
  emit('teach', [{ is: 'column', ...place.value, column, field: value === CARRIED ? null : value }]);
}

function setRole(role: string): void {
  emit('teach', [{ is: 'role', ...place.value, role: role as KitRole }]);
}

const SURE_WORDS = { sure: 'sure', doubtful: 'in doubt', carried: '' } as const;
</script>

<template>
  <div class="whole">
    <div class="role">
      <label
        >Its rows are
        <el-select
          :model-value="table.layout.role"
          size="small"
          aria-label="What the rows are"
          @update:model-value="setRole"
        >
          <el-option v-for="role in KIT_ROLES" :key="role" :value="role" :label="ROLE_WORDS[role]" />
        </el-select>
      </label>
      <span v-if="table.layout.mode" class="soft"
        >of {{ KIT_MODES[table.layout.mode as keyof typeof KIT_MODES].name }}</span
      >
      <span v-if="table.layout.rowPerMember" class="soft">one row for each member</span>
      <span v-if="table.layout.nameLength" class="soft">names are cut at {{ table.layout.nameLength }}</span>
      <span v-if="table.layout.mostRows" class="soft">room for {{ table.layout.mostRows }} rows</span>
    </div>
    <div class="wide-table" tabindex="0" role="group" aria-label="Columns of the file and what they hold">
      <table class="plain">
        <thead>
          <tr>
            <th scope="col">In the file</th>
            <th scope="col">For example</th>
            <th scope="col"><span class="visually-hidden">Ribbon</span></th>
            <th scope="col">Holds</th>
            <th scope="col">How</th>
          </tr>
        </thead>
        <tbody>
          <tr
            v-for="one in table.columns"
            :key="one.at"
            :class="sureness(one.field, one.confidence)"
            data-testid="kit-column"
          >
            <th scope="row">{{ titleOf(one.title, one.at) }}</th>
            <td class="cells">
              <span v-for="(text, i) in one.examples.slice(0, 3)" :key="i" class="mono cell">{{ text }}</span>
              <span v-if="one.examples.length === 0" class="soft">empty</span>
            </td>
            <td class="ribbon">
              <svg viewBox="0 0 80 10" aria-hidden="true" preserveAspectRatio="none">
                <line x1="0" x2="80" y1="5" y2="5" />
              </svg>
            </td>
            <td class="field">
              <el-select
                :model-value="one.field ?? CARRIED"
                :persistent="false"
                filterable
                size="small"
                :aria-label="`What ${titleOf(one.title, one.at)} holds`"
                @update:model-value="teach(one.at, $event as string)"
              >
                <el-option v-for="option in options" :key="option.value" :value="option.value" :label="option.label" />
              </el-select>
            </td>
            <td class="how">
              <span v-if="one.field" :class="{ 'is-doubtful': sureness(one.field, one.confidence) === 'doubtful' }"
                >{{ SURE_WORDS[sureness(one.field, one.confidence)]
                }}<template v-if="one.because">, {{ BECAUSE_WORDS[one.because] }}</template></span
              >
              <span v-if="codecWords(one.codec)" class="soft"> · {{ codecWords(one.codec) }}</span>
            </td>
          </tr>
        </tbody>
      </table>
    </div>
  </div>
</template>

<style scoped>
.whole {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 8px;
}

.role {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 16px;
  align-items: center;
}

.role .el-select {
  width: 260px;
}

th[scope='row'] {
  max-width: 220px;
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}

.cells {
  max-width: 320px;
  overflow: hidden;
  white-space: nowrap;
}

.cell {
  display: inline-block;
  max-width: 150px;
  padding: 0 6px;
  margin-right: 4px;
  overflow: hidden;
  text-overflow: ellipsis;
  vertical-align: middle;
  white-space: pre;
  background: var(--paper);
  border: 1px solid var(--hairline);
}

.ribbon {
  width: 80px;
  min-width: 60px;
  padding: 0;
}

svg {
  display: block;
  width: 100%;
  height: 10px;
}

.sure line {
  stroke: var(--yellow);
  stroke-width: 6;
}

.doubtful line {
  stroke: var(--doubtful);
  stroke-dasharray: 8 5;
  stroke-width: 4;
}

.carried line {
  stroke: var(--hairline);
  stroke-width: 1;
}

.field {
  min-width: 210px;
}

.how {
  min-width: 200px;
}
</style>
