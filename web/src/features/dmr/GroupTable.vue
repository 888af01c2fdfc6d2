<script setup lang="ts">
import { computed, nextTick, ref } from 'vue';
import { routesOf } from '@relay/core/modes/dmr/links';
import { ADDRESS_MAX, ADDRESS_MIN, SIMPLEX_SLOT } from '@relay/core/plan/modes/dmr/limits';
import { numberFor } from '@relay/core/modes/dmr/routes/table';
import { GROUP_CATEGORIES } from '@relay/core/plan/modes/dmr/limits';
import type { GroupCategory, TalkGroup } from '@relay/core/plan/modes/dmr/types';
import { parseWhole } from '@relay/core/units/quantities';
import { hotspotsOf } from '@relay/core/plan/sites';
import { putRow, removeRow, rows } from '@relay/core/plan/table';
import { type DmrNetwork, dmrNetwork } from '@relay/core/modes/dmr/networks';
import { EntryTable, NewCell, TextField } from '../../fields';
import { takeName, takeWhole } from '../../fields/field';
import { newId } from '../../fields/new-id';
import { usePlanIndex } from '../../sync/plan-look-ups';
import { usePlanStore } from '../../sync/plan-store';

const props = defineProps<{ network: DmrNetwork }>();
const emit = defineEmits<{ change: [label: string, recipe: (network: DmrNetwork) => void] }>();
const store = usePlanStore();
const lookUps = usePlanIndex();
const groups = computed(() => rows(props.network.groups));
const textOf = (group: (typeof groups.value)[number]) => `${group.number} ${group.name} ${group.category}`;
/** Hotspots that are logged in here, and what each makes of a number. */
const ways = computed(() => {
  const index = lookUps.value!;
  return hotspotsOf(index.plan)
    .filter((site) => routesOf(index, site.id).networkIds.includes(props.network.id))
    .map((site) => ({
      siteId: site.id,
      name: site.name,
      number: (number: number) => numberFor(routesOf(index, site.id), props.network.id, 'group', number, SIMPLEX_SLOT),
    }));
});
/** Each number that a radio calls, with the hotspots through which it does: the same number is told once. */
function onRadio(number: number): { number: string; sites: string }[] {
  const byNumber = new Map<string, string[]>();
  for (const way of ways.value) {
    const called = String(way.number(number) ?? 'no rule');
    byNumber.set(called, [...(byNumber.get(called) ?? []), way.name]);
  }
  const words = (names: readonly string[]) =>
    names.length > 2 ? `${names[0]} and ${names.length - 1} more` : names.join(', ');
  return [...byNumber].map(([called, names]) => ({ number: called, sites: byNumber.size > 1 ? words(names) : '' }));
}
const number = ref('');
const name = ref('');
const category = ref<GroupCategory>('local');
const problem = ref('');
const numberBox = ref<{ focus: () => void } | null>(null);

function add(): void {
  const value = parseWhole(number.value);
  if (value === null || value < ADDRESS_MIN || value > ADDRESS_MAX)
    problem.value = `Found “${number.value}”, expected a number from ${ADDRESS_MIN} to ${ADDRESS_MAX.toLocaleString('en')}.`;
  else if (groups.value.some((one) => one.number === value)) problem.value = `Group ${value} is in the list already.`;
  else if (name.value.trim() === '') problem.value = 'Found no name, expected one.';
  else {
    problem.value = '';
    const group = {
      id: newId('grp'),
      number: value,
      name: name.value.trim().slice(0, 60).trim(),
      category: category.value,
    };
    emit('change', `add group ${group.name}`, (network) => putRow(network.groups, group));
    number.value = '';
    name.value = '';
    void nextTick(() => numberBox.value?.focus());
  }
}

function remove({ id, name: gone }: TalkGroup): void {
  store.remove(`Removed group ${gone}`, (draft) => removeRow(dmrNetwork(draft, props.network.id)!.groups, id));
}
</script>

<template>
  <EntryTable
    what="groups"
    label="Talk groups"
    :entries="groups"
    :text-of="textOf"
    :name-of="(group) => `group ${group.name}`"
    add-label="Add group"
    @remove="remove"
    @add="add"
  >
    <template #head>
      <th scope="col" class="narrow">Number</th>
      <th scope="col">Name</th>
      <th scope="col">Reach</th>
      <th v-if="ways.length" scope="col">On the radio</th>
    </template>
    <template #row="{ row: group }">
      <td>
        <TextField
          bare
          label="Group number"
          :value="String(group.number)"
          :take="
            (text) =>
              takeWhole(text, ADDRESS_MIN, ADDRESS_MAX, (value) =>
                emit(
                  'change',
                  `group ${group.name}`,
                  (network) => void (network.groups.byId[group.id]!.number = value),
                ),
              )
          "
          mono
        />
      </td>
      <td>
        <TextField
          bare
          label="Group name"
          :value="group.name"
          :take="
            (text) =>
              takeName(text, 60, (value) =>
                emit('change', `group ${group.name}`, (network) => void (network.groups.byId[group.id]!.name = value)),
              )
          "
        />
      </td>
      <td>
        <el-select
          :persistent="false"
          class="reach"
          :model-value="group.category"
          aria-label="Reach"
          @update:model-value="
            emit('change', `group ${group.name}`, (network) => void (network.groups.byId[group.id]!.category = $event))
          "
        >
          <el-option v-for="one in GROUP_CATEGORIES" :key="one" :value="one" :label="one" />
        </el-select>
      </td>
      <td v-if="ways.length" class="mono ways">
        <span v-for="one in onRadio(group.number)" :key="one.number"
          >{{ one.number }}<span v-if="one.sites" class="soft"> {{ one.sites }}</span></span
        >
      </td>
    </template>
    <template #fresh>
      <NewCell
        ref="numberBox"
        v-model="number"
        label="New group: number"
        placeholder="Number"
        mono
        inputmode="numeric"
        @add="add"
      />
      <NewCell v-model="name" label="New group: name" placeholder="New group" @add="add" />
      <td>
        <el-select :persistent="false" v-model="category" class="reach" aria-label="New group: reach"
          ><el-option v-for="one in GROUP_CATEGORIES" :key="one" :value="one" :label="one"
        /></el-select>
      </td>
      <td v-if="ways.length" />
    </template>
  </EntryTable>
  <p v-if="problem" class="is-broken" role="alert">{{ problem }}</p>
</template>

<style scoped>
.ways {
  white-space: nowrap;
}

.ways span {
  display: block;
}

.reach {
  width: 108px;
}

.narrow {
  width: 130px;
}
</style>
