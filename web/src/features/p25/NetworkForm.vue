<script setup lang="ts">
/** A P25 network: its talk groups, and those that it answers itself. */
import { computed, nextTick, ref } from 'vue';
import { readGroup } from '@relay/core/modes/p25/addresses';
import { SPECIAL_NAMES } from '@relay/core/plan/modes/p25/limits';
import { p25Network, type P25Network, SPECIAL_TITLES } from '@relay/core/modes/p25/links';
import type { P25Group, P25SpecialName } from '@relay/core/plan/modes/p25/types';
import { reachOf } from '@relay/core/plan/sites';
import { putRow, removeRow, rows } from '@relay/core/plan/table';
import { EntryTable, FieldGroup, FormGroups, NewCell, ReachList, TextField } from '../../fields';
import DirectoryImport from '../../panels/DirectoryImport.vue';
import { namesBeside, takeName, type Taken } from '../../fields/field';
import { newId } from '../../fields/new-id';
import { REACH_WORDS } from '../../fields/reach-words';
import { usePlanStore } from '../../sync/plan-store';

const props = defineProps<{ network: P25Network }>();
const store = usePlanStore();
const groups = computed(() => rows(props.network.groups));
const textOf = (group: (typeof groups.value)[number]) => `${group.number} ${group.name}`;
const number = ref('');
const name = ref('');
const problem = ref('');
const numberBox = ref<{ focus: () => void } | null>(null);
const HINTS: Readonly<Record<P25SpecialName, string>> = {
  unlink: 'Calling it leaves whatever group is linked. Commonly 9999.',
  echo: 'Empty while the network’s own pages name none.',
};
const sites = computed(() =>
  rows(store.plan!.sites).flatMap(({ id, name: siteName, p25 }) =>
    p25 ? [{ id, name: siteName, words: REACH_WORDS[reachOf(p25, props.network.id)] }] : [],
  ),
);

function change(label: string, recipe: (network: P25Network) => void): void {
  store.edit(`${props.network.name}: ${label}`, (draft) => recipe(p25Network(draft, props.network.id)!));
}

const takeSpecial =
  (special: P25SpecialName) =>
  (text: string): Taken => {
    const group = text.trim() === '' ? { number: null } : readGroup(text);
    if ('problem' in group) return group;
    change(SPECIAL_TITLES[special], (one) => void (one.special[special] = group.number));
    return null;
  };

const takeNumber =
  (id: string) =>
  (text: string): Taken => {
    const group = readGroup(text);
    if ('problem' in group) return group;
    if (groups.value.some((one) => one.id !== id && one.number === group.number))
      return { problem: `Group ${group.number} is in the list already.` };
    change('number', (one) => void (one.groups.byId[id]!.number = group.number));
    return null;
  };

function add(): void {
  const group = readGroup(number.value);
  if ('problem' in group) problem.value = group.problem;
  else if (groups.value.some((one) => one.number === group.number))
    problem.value = `Group ${group.number} is in the list already.`;
  else if (name.value.trim() === '') problem.value = 'Found no name, expected one.';
  else {
    problem.value = '';
    const fresh = { id: newId('grp'), number: group.number, name: name.value.trim().slice(0, 60).trim() };
    change(`add group ${fresh.name}`, (one) => putRow(one.groups, fresh));
    number.value = name.value = '';
    void nextTick(() => numberBox.value?.focus());
  }
}

function remove({ id, name: gone }: P25Group): void {
  store.remove(`Removed group ${gone}`, (draft) => removeRow(p25Network(draft, props.network.id)!.groups, id));
}
</script>

<template>
  <FormGroups>
    <FieldGroup title="P25 network">
      <TextField
        label="Name"
        :value="network.name"
        :take="
          (text) =>
            takeName(
              text,
              60,
              (value) => change('name', (one) => void (one.name = value)),
              namesBeside(store.plan!.networks, network.id),
            )
        "
        autofocus
      />
      <TextField
        v-for="special in SPECIAL_NAMES"
        :key="special"
        :label="`${SPECIAL_TITLES[special]} group`"
        :value="network.special[special] === null ? '' : String(network.special[special])"
        :take="takeSpecial(special)"
        mono
        :hint="HINTS[special]"
      />
    </FieldGroup>
    <FieldGroup title="Which sites reach it"><ReachList :sites="sites" mode="P25" /></FieldGroup>
    <FieldGroup title="Talk groups" wide>
      <DirectoryImport :network="network" />
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
        </template>
        <template #row="{ row: group }">
          <td>
            <TextField
              bare
              :label="`Number of ${group.name}`"
              :value="String(group.number)"
              :take="takeNumber(group.id)"
              mono
            />
          </td>
          <td>
            <TextField
              bare
              :label="`Name of group ${group.number}`"
              :value="group.name"
              :take="
                (text) =>
                  takeName(text, 60, (value) => change('name', (one) => void (one.groups.byId[group.id]!.name = value)))
              "
            />
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
        </template>
      </EntryTable>
      <p v-if="problem" class="is-broken" role="alert">{{ problem }}</p>
    </FieldGroup>
  </FormGroups>
</template>

<style scoped>
.narrow {
  width: 130px;
}
</style>
