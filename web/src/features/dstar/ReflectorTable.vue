<script setup lang="ts">
import { computed, nextTick, ref } from 'vue';
import { readModules } from '@relay/core/modes/dstar/directory';
import { type Family, reflectorCall } from '@relay/core/modes/dstar/links';
import { networkOf } from '@relay/core/plan/networks';
import { putRow, removeRow, rows } from '@relay/core/plan/table';
import { parseWhole } from '@relay/core/units/quantities';
import { EntryTable, NewCell, TextField } from '../../fields';
import { takeWhole, type Taken } from '../../fields/field';
import { newId } from '../../fields/new-id';
import { usePlanStore } from '../../sync/plan-store';

const props = defineProps<{ family: Family }>();
const emit = defineEmits<{ change: [label: string, recipe: (family: Family) => void] }>();
const store = usePlanStore();
const reflectors = computed(() => rows(props.family.reflectors));
const textOf = (one: (typeof reflectors.value)[number]) => `${reflectorCall(props.family, one)} ${one.title}`;
const number = ref('');
const title = ref('');
const modules = ref('');
const problem = ref('');
const numberBox = ref<{ focus: () => void } | null>(null);
const MODULES_EXPECTED = 'expected module letters such as ABC or A-E.';

function remove(one: { id: string; number: number }): void {
  store.remove(`Removed ${reflectorCall(props.family, one)}`, (draft) => {
    const there = networkOf(draft, 'dstar', props.family.id);
    if (there) removeRow(there.reflectors, one.id);
  });
}

function add(): void {
  const value = parseWhole(number.value.replace(/^[A-Za-z]{3}/, ''));
  const letters = readModules(modules.value);
  if (value === null || value < 0 || value > 999)
    problem.value = `Found “${number.value}”, expected a number from 0 to 999.`;
  else if (reflectors.value.some((one) => one.number === value))
    problem.value = `${reflectorCall(props.family, { number: value })} is in the list already.`;
  else if (!letters) problem.value = `Found “${modules.value}”, ${MODULES_EXPECTED}`;
  else {
    problem.value = '';
    const reflector = {
      id: newId('rfl'),
      number: value,
      title: title.value.trim().slice(0, 60),
      modules: letters,
      activity: null,
    };
    emit('change', `add ${reflectorCall(props.family, reflector)}`, (family) => putRow(family.reflectors, reflector));
    number.value = '';
    title.value = '';
    modules.value = '';
    void nextTick(() => numberBox.value?.focus());
  }
}

const takeModules =
  (id: string) =>
  (text: string): Taken => {
    const letters = readModules(text);
    if (letters === null) return { problem: `Found “${text}”, ${MODULES_EXPECTED}` };
    emit('change', 'modules', (family) => void (family.reflectors.byId[id]!.modules = letters));
    return null;
  };

const takeTitle =
  (id: string) =>
  (text: string): Taken => {
    if (text.trim().length > 60) return { problem: `Found ${text.trim().length} characters, expected at most 60.` };
    emit('change', 'title', (family) => void (family.reflectors.byId[id]!.title = text.trim()));
    return null;
  };
</script>

<template>
  <EntryTable
    what="reflectors"
    label="Reflectors"
    :entries="reflectors"
    :text-of="textOf"
    :name-of="(one) => reflectorCall(family, one)"
    add-label="Add"
    @remove="remove"
    @add="add"
  >
    <template #head>
      <th scope="col" class="narrow">Number</th>
      <th scope="col">Known as</th>
      <th scope="col">Modules</th>
      <th scope="col" class="number">Activity</th>
    </template>
    <template #row="{ row: one }">
      <td>
        <TextField
          bare
          :label="`Number of ${reflectorCall(family, one)}`"
          :value="String(one.number).padStart(3, '0')"
          :take="
            (text) =>
              takeWhole(text, 0, 999, (value) =>
                emit('change', 'number', (draft) => void (draft.reflectors.byId[one.id]!.number = value)),
              )
          "
          mono
        />
      </td>
      <td>
        <TextField
          bare
          :label="`Title of ${reflectorCall(family, one)}`"
          :value="one.title"
          :take="takeTitle(one.id)"
        />
      </td>
      <td>
        <TextField
          bare
          :label="`Modules of ${reflectorCall(family, one)}`"
          :value="one.modules"
          :take="takeModules(one.id)"
          mono
        />
      </td>
      <td class="number mono">{{ one.activity ?? '–' }}</td>
    </template>
    <template #fresh>
      <NewCell ref="numberBox" v-model="number" label="New reflector: number" placeholder="001" @add="add" />
      <NewCell v-model="title" label="New reflector: known as" placeholder="Known as" @add="add" />
      <NewCell v-model="modules" label="New reflector: modules" placeholder="ABC" @add="add" />
      <td />
    </template>
  </EntryTable>
  <p v-if="problem" class="is-broken" role="alert">{{ problem }}</p>
</template>

<style scoped>
.narrow {
  width: 110px;
}
</style>
