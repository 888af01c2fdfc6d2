<script setup lang="ts">
/** Above the sheet: which rows and columns are shown, and what is done with those that are selected. */
import { computed } from 'vue';
import type { Zone } from '@relay/core/plan/types';
import type { SheetColumn } from './sheet';
import type { SheetView } from './use-sheet-view';

const props = defineProps<{
  view: SheetView;
  columns: readonly SheetColumn[];
  zones: readonly Zone[];
  /** How many are selected, all are, and are shown. */
  selected: number;
  total: number;
}>();
const emit = defineEmits<{ change: []; zone: [zoneId: string]; duplicate: []; remove: [] }>();
const { words, verdict, setId, sets, chosen, filter, shown, shownColumns, chooseOwn } = props.view;
const VERDICTS = ['whole', 'doubtful', 'broken'] as const;
const others = computed(() => props.columns.filter(({ id }) => id !== 'name'));
const ticked = computed(() => new Set(shownColumns.value.map(({ id }) => id)));

function tick(id: string, event: Event): void {
  const now = new Set(ticked.value);
  if ((event.target as HTMLInputElement).checked) now.add(id);
  else now.delete(id);
  chooseOwn([...now]);
}
</script>

<template>
  <div class="tools no-print" role="toolbar" aria-label="Sheet">
    <input
      v-model="words"
      class="filter plain-input"
      aria-label="Show channels with these words"
      placeholder="Show channels with…  slot:2"
      title="Words, or a column and what is in it: slot:2, site=Home, -power:high"
    />
    <el-select
      v-model="verdict"
      class="verdict"
      aria-label="Show paths that are"
      placeholder="any verdict"
      :persistent="false"
    >
      <el-option value="" label="any verdict" />
      <el-option v-for="one in VERDICTS" :key="one" :value="one" :label="one" />
    </el-select>
    <span class="columns">
      <el-select v-model="setId" class="set" aria-label="Columns" :persistent="false">
        <el-option v-for="one in sets" :key="one.id" :value="one.id" :label="one.title" />
      </el-select>
      <el-popover trigger="click" :persistent="false" width="240" placement="bottom">
        <template #reference><el-button aria-label="Choose columns one by one">…</el-button></template>
        <fieldset class="own">
          <legend>{{ chosen.title }}: choose your own</legend>
          <label v-for="column in others" :key="column.id"
            ><input type="checkbox" :checked="ticked.has(column.id)" @change="tick(column.id, $event)" />
            {{ column.title }}</label
          >
        </fieldset>
      </el-popover>
    </span>
    <span v-if="shown.length < total || filter.unknown.length" class="soft" role="status">
      <template v-if="filter.unknown.length">no column “{{ filter.unknown[0] }}”; </template>{{ shown.length }} of
      {{ total }}
    </span>
    <span class="acts">
      <el-button data-testid="change-many" @click="emit('change')">Change many…</el-button>
      <el-dropdown
        v-if="zones.length"
        trigger="click"
        :persistent="false"
        max-height="320"
        :disabled="selected === 0"
        @command="emit('zone', $event)"
      >
        <el-button :disabled="selected === 0">Into a zone</el-button>
        <template #dropdown>
          <el-dropdown-menu>
            <el-dropdown-item v-for="zone in zones" :key="zone.id" :command="zone.id">{{ zone.name }}</el-dropdown-item>
          </el-dropdown-menu>
        </template>
      </el-dropdown>
      <el-button :disabled="selected === 0" @click="emit('duplicate')">Duplicate</el-button>
      <el-button :disabled="selected === 0" @click="emit('remove')">{{
        selected > 1 ? `Remove ${selected}` : 'Remove it'
      }}</el-button>
    </span>
  </div>
</template>

<style scoped>
.tools {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 8px;
  align-items: center;
  padding: 0 20px 10px;
}

.filter {
  width: 220px;
}

.verdict {
  width: 116px;
}

.set {
  width: 136px;
}

.columns {
  display: flex;
  gap: 2px;
}

.own {
  display: grid;
  max-height: 320px;
  margin: 0;
  padding: 0;
  overflow: auto;
  border: 0;
}

.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  margin-left: auto;
}

.acts :deep(.el-button + .el-button) {
  margin-left: 0;
}
</style>
