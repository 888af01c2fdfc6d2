<script setup lang="ts">
/** The tone codes that a radio keeps: how many of how many, each to be changed or taken out. */
import { computed } from 'vue';
import { nameRoom } from '@relay/core/codeplug/room';
import { freeId, putRow, removeRow, rows } from '@relay/core/plan/table';
import type { NetworkModeId, Plan } from '@relay/core/plan/types';
import { MODES } from '@relay/core/registries/modes';
import { TextField } from '../../fields';
import { namesBeside, takeName, type Taken } from '../../fields/field';
import { freshName } from '@relay/core/plan/fresh-name';
import { usePlanStore } from '../../sync/plan-store';

const props = defineProps<{ radioId: string; mode: NetworkModeId; most: number }>();
const store = usePlanStore();
const recall = computed(() => MODES[props.mode].recall!);
const tableIn = (plan: Plan) => recall.value.codes!.of(plan.codeplugs[props.radioId]!);
const table = computed(() => tableIn(store.plan!));
const codes = computed(() => rows(table.value));
const radioName = computed(() => store.plan!.radios.byId[props.radioId]?.name ?? '');

const takeCode =
  (id: string) =>
  (text: string): Taken => {
    const code = recall.value.tidy(text);
    const expected = recall.value.expected(code);
    if (expected) return { problem: `Found “${text}”, expected ${expected}.` };
    store.edit(`${radioName.value}: code`, (draft) => void (tableIn(draft).byId[id]!.code = code));
    return null;
  };

const takeCodeName = (id: string) => (text: string) =>
  takeName(
    text,
    nameRoom(store.plan!.radios.byId[props.radioId]!),
    (name) => store.edit(`${radioName.value}: name of a code`, (draft) => void (tableIn(draft).byId[id]!.name = name)),
    namesBeside(table.value, id),
  );

function add(): void {
  const id = freeId('code', (taken) => taken in table.value.byId);
  const name = freshName(
    codes.value.map((one) => one.name),
    (n) => `Code ${n}`,
  );
  store.edit(`${radioName.value}: another code`, (draft) =>
    putRow(tableIn(draft), { id, name, code: '0', recalls: null }),
  );
}

function remove(id: string, name: string): void {
  store.remove(`${radioName.value}: code ${name} removed`, (draft) => removeRow(tableIn(draft), id));
}
</script>

<template>
  <section class="codes" :aria-label="`Codes that ${radioName} keeps`">
    <h2>{{ radioName }} keeps {{ codes.length }} of {{ most }} {{ recall.what }}s</h2>
    <ul>
      <li v-for="one in codes" :key="one.id" data-testid="kept-code">
        <TextField :label="`Name of code ${one.name}`" :value="one.name" :take="takeCodeName(one.id)" bare />
        <TextField :label="`Code ${one.name}`" :value="one.code" :take="takeCode(one.id)" mono bare />
        <el-button size="small" :aria-label="`Remove code ${one.name}`" @click="remove(one.id, one.name)"
          >Remove</el-button
        >
      </li>
    </ul>
    <el-button size="small" :disabled="codes.length >= most" @click="add">Add a code</el-button>
  </section>
</template>

<style scoped>
.codes {
  display: grid;
  gap: 8px;
  justify-items: start;
  max-width: 520px;
}

ul {
  display: grid;
  gap: 6px;
  width: 100%;
  margin: 0;
  padding: 0;
  list-style: none;
}

li {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 140px auto;
  gap: 8px;
  align-items: start;
}
</style>
