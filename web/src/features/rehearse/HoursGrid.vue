<script setup lang="ts">
/** How busy each place is, hour by hour, drawn with the pointer or set with keys. */
import { nextTick, ref, useTemplateRef } from 'vue';
import { LEVELS, levelOf, type Row } from './hours';

const props = defineProps<{ rows: readonly Row[] }>();
const emit = defineEmits<{ set: [key: string, hour: number, share: number] }>();

const at = ref({ row: 0, hour: 0 });
const table = useTemplateRef<HTMLTableElement>('table');
/** What is drawn while the pointer is down. */
const drawn = ref<number | null>(null);

function begin(row: Row, hour: number): void {
  drawn.value = LEVELS[(levelOf(row.hours[hour]!) + 1) % LEVELS.length]!.share;
  emit('set', row.key, hour, drawn.value);
  window.addEventListener('pointerup', () => (drawn.value = null), { once: true });
}

function go(row: number, hour: number): void {
  at.value = {
    row: Math.min(props.rows.length - 1, Math.max(0, row)),
    hour: Math.min(23, Math.max(0, hour)),
  };
  void nextTick(() => table.value?.querySelector<HTMLElement>('td[tabindex="0"]')?.focus());
}

const MOVES: Readonly<Record<string, readonly [number, number]>> = {
  ArrowUp: [-1, 0],
  ArrowDown: [1, 0],
  ArrowLeft: [0, -1],
  ArrowRight: [0, 1],
};
function onKey(event: KeyboardEvent, row: Row, y: number, hour: number): void {
  const move = MOVES[event.key];
  const level = levelOf(row.hours[hour]!);
  const asked = /^[0-4]$/.test(event.key) ? Number(event.key) : event.key === ' ' ? (level + 1) % LEVELS.length : null;
  if (!move && asked === null) return;
  event.preventDefault();
  event.stopPropagation();
  if (move) go(y + move[0], hour + move[1]);
  else emit('set', row.key, hour, LEVELS[asked!]!.share);
}
</script>

<template>
  <div class="scroll">
    <table ref="table" role="grid" aria-label="How busy it is, hour by hour">
      <thead>
        <tr role="row">
          <th scope="col">Where</th>
          <th v-for="hour in 24" :key="hour" scope="col" class="mono">{{ hour - 1 }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="(row, y) in rows" :key="row.key" role="row">
          <th scope="row">{{ row.name }}</th>
          <td
            v-for="(share, hour) in row.hours"
            :key="hour"
            role="gridcell"
            :tabindex="at.row === y && at.hour === hour ? 0 : -1"
            :aria-label="`${row.name}, ${hour} h: ${LEVELS[levelOf(share)]!.words}`"
            @pointerdown.prevent="begin(row, hour)"
            @pointerenter="drawn !== null && emit('set', row.key, hour, drawn)"
            @focus="at = { row: y, hour }"
            @keydown="onKey($event, row, y, hour)"
          >
            <span :style="{ height: `${LEVELS[levelOf(share)]!.height}%` }" />
          </td>
        </tr>
      </tbody>
    </table>
  </div>
</template>

<style scoped>
.scroll {
  overflow-x: auto;
}

table {
  border-collapse: collapse;
  font-size: 12px;
}

th {
  padding: 0 8px 0 0;
  font-weight: 400;
  text-align: left;
  white-space: nowrap;
}

thead th {
  padding: 0;
  color: var(--ink-soft);
  text-align: center;
}

td {
  position: relative;
  width: 24px;
  min-width: 24px;
  height: 24px;
  padding: 0;
  background: var(--raised);
  border: 1px solid var(--hairline);
  cursor: pointer;
}

td span {
  position: absolute;
  right: 0;
  bottom: 0;
  left: 0;
  background: var(--yellow);
}

.mono {
  font-family: var(--mono);
}
</style>
