<script setup lang="ts">
/** Many channels changed at once: what each cell would become, before anything is done. */
import { computed, ref, watch } from 'vue';
import { usePlanStore } from '../../sync/plan-store';
import { FieldRow, VirtualRows } from '../../fields';
import { replaceIn, sameInAll, series } from './changes';
import { previewPaste } from './paste';
import RefusedCells from './RefusedCells.vue';
import { refusedKey, refusedWords } from './refused';
import type { SheetColumn, SheetRow, TypedCell } from './sheet';

const open = defineModel<boolean>({ required: true });
const props = defineProps<{
  radioId: string;
  /** What is selected, in the order of the sheet. */
  rows: readonly SheetRow[];
  /** Everything that is shown. */
  shown: readonly SheetRow[];
  columns: readonly SheetColumn[];
}>();
const emit = defineEmits<{ type: [cells: TypedCell[], label: string] }>();
const store = usePlanStore();
type Kind = 'same' | 'series' | 'replace';
const kind = ref<Kind>('same');
const everywhere = ref(props.rows.length < 2);
const columnId = ref('');
const value = ref('');
const step = ref('1');
const find = ref('');
const KINDS: { value: Kind; label: string }[] = [
  { value: 'same', label: 'One value' },
  { value: 'series', label: 'Count up' },
  { value: 'replace', label: 'Find and replace' },
];
const editable = computed(() => props.columns.filter((column) => column.editable));
watch(
  kind,
  (now) => {
    if (now === 'replace') columnId.value = '';
    else if (columnId.value === '') columnId.value = now === 'series' ? 'name' : 'power';
  },
  { immediate: true },
);
const rows = computed(() => (everywhere.value ? props.shown : props.rows));
const titleOf = (id: string) => props.columns.find((column) => column.id === id)?.title ?? id;

const cells = computed<TypedCell[]>(() => {
  if (kind.value === 'replace')
    return replaceIn(
      rows.value,
      columnId.value === '' ? editable.value.map(({ id }) => id) : [columnId.value],
      find.value,
      value.value,
    );
  if (kind.value === 'same') return sameInAll(rows.value, columnId.value, value.value);
  return series(rows.value, columnId.value, value.value, step.value) ?? [];
});
const rowOf = computed(() => new Map(props.shown.map((row) => [row.id, row])));
const changing = computed(() =>
  cells.value
    .map((cell) => ({
      ...cell,
      key: refusedKey(cell),
      channel: String(rowOf.value.get(cell.channelId)?.['name'] ?? ''),
      from: String(rowOf.value.get(cell.channelId)?.[cell.columnId] ?? ''),
    }))
    .filter(({ from, text }) => from !== text),
);
const preview = computed(() =>
  open.value && changing.value.length > 0
    ? previewPaste(store.plan!, props.radioId, { cells: changing.value, beyond: [] }, null)
    : null,
);
const refused = computed(() =>
  preview.value ? refusedWords(preview.value.refused, preview.value.then, props.columns) : [],
);
const taken = computed(() => {
  const wrong = new Set(refused.value.map(({ key }) => key));
  return changing.value.filter(({ key }) => !wrong.has(key));
});
const lacks = computed(() =>
  kind.value === 'series' && value.value !== '' && series(rows.value, columnId.value, value.value, step.value) === null
    ? 'Counting up needs a first value with a number, and a step: 439.125 and 0.0125.'
    : '',
);

function put(): void {
  const cells = taken.value.map(({ channelId, columnId: column, text }) => ({ channelId, columnId: column, text }));
  emit('type', cells, `${cells.length} cells`);
  store.notice = `${cells.length} ${cells.length === 1 ? 'cell' : 'cells'} changed.`;
  open.value = false;
}
</script>

<template>
  <el-drawer v-model="open" size="min(560px, 100%)" title="Change many at once">
    <div class="parts">
      <el-radio-group v-model="kind" aria-label="What to do">
        <el-radio-button v-for="one in KINDS" :key="one.value" :value="one.value">{{ one.label }}</el-radio-button>
      </el-radio-group>
      <FieldRow label="In" label-id="change-in">
        <el-select v-model="everywhere" aria-label="In" :persistent="false">
          <el-option :value="false" :label="`${props.rows.length} selected`" :disabled="props.rows.length === 0" />
          <el-option :value="true" :label="`all ${shown.length} shown`" />
        </el-select>
      </FieldRow>
      <FieldRow label="Column" label-id="change-column">
        <el-select v-model="columnId" aria-label="Column" filterable :persistent="false">
          <el-option v-if="kind === 'replace'" value="" label="every column" />
          <el-option v-for="one in editable" :key="one.id" :value="one.id" :label="one.title" />
        </el-select>
      </FieldRow>
      <FieldRow v-if="kind === 'replace'" label="Find" label-id="change-find">
        <input v-model="find" class="plain-input" aria-label="Find" />
      </FieldRow>
      <FieldRow
        :label="kind === 'series' ? 'First' : kind === 'replace' ? 'Put in its place' : 'Value'"
        label-id="change-value"
      >
        <input v-model="value" class="plain-input" :aria-label="kind === 'series' ? 'First value' : 'New value'" />
      </FieldRow>
      <FieldRow v-if="kind === 'series'" label="Step" label-id="change-step">
        <input v-model="step" class="plain-input" aria-label="Step" />
      </FieldRow>
      <p v-if="lacks" role="alert" class="is-doubtful">{{ lacks }}</p>
      <p aria-live="polite" data-testid="change-count">
        {{ taken.length }} of {{ rows.length }} change<template v-if="refused.length"
          >, {{ refused.length }} cannot be taken</template
        >.
      </p>
      <RefusedCells v-if="refused.length" :cells="refused" />
      <table v-if="taken.length" class="plain" data-testid="change-preview">
        <thead>
          <tr>
            <th scope="col">Channel</th>
            <th scope="col">Column</th>
            <th scope="col">From</th>
            <th scope="col">To</th>
          </tr>
        </thead>
        <VirtualRows v-slot="{ row, at }" :rows="taken" :key-of="(one) => one.key" :height="30">
          <tr :data-index="at">
            <td>{{ row.channel }}</td>
            <td>{{ titleOf(row.columnId) }}</td>
            <td class="mono">{{ row.from }}</td>
            <td class="mono">{{ row.text }}</td>
          </tr>
        </VirtualRows>
      </table>
    </div>
    <template #footer>
      <el-button @click="open = false">Change nothing</el-button>
      <el-button type="primary" :disabled="taken.length === 0" data-testid="put-changes" @click="put"
        >Change {{ taken.length }}</el-button
      >
    </template>
  </el-drawer>
</template>

<style scoped>
.parts {
  display: grid;
  gap: 10px;
}
</style>
