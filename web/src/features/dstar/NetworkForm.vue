<script setup lang="ts">
/** A family of reflectors: its letters, its reflectors with their modules, and which sites reach it. */
import { computed } from 'vue';
import { reachesFamily } from '@relay/core/modes/dstar/link';
import { families, type Family, gatewayOf } from '@relay/core/modes/dstar/links';
import { networkOf } from '@relay/core/plan/networks';
import { rows } from '@relay/core/plan/table';
import { FieldGroup, FormGroups, ReachList, TextField } from '../../fields';
import DirectoryImport from '../../panels/DirectoryImport.vue';
import { namesBeside, takeName, type Taken } from '../../fields/field';
import { usePlanStore } from '../../sync/plan-store';
import ReflectorTable from './ReflectorTable.vue';

const props = defineProps<{ network: Family }>();
const family = computed(() => props.network);
const store = usePlanStore();

function change(label: string, recipe: (family: Family) => void): void {
  store.edit(`${family.value.name}: ${label}`, (draft) => {
    const there = networkOf(draft, 'dstar', props.network.id);
    if (there) recipe(there);
  });
}

function takeLetters(text: string): Taken {
  const letters = text.trim().toUpperCase();
  if (!/^[A-Z]{3}$/.test(letters)) return { problem: `Found “${text}”, expected three letters.` };
  const other = families(store.plan!).find((one) => one.letters === letters && one.id !== family.value.id);
  if (other) return { problem: `Found “${letters}”, which ${other.name} has already; expected letters of its own.` };
  change('letters', (one) => void (one.letters = letters));
  return null;
}

const sites = computed(() =>
  rows(store.plan!.sites).flatMap((site) => {
    if (!site.dstar) return [];
    const said = site.dstar.families?.length !== 0;
    return [
      {
        id: site.id,
        name: site.name,
        words: !said
          ? 'not said'
          : reachesFamily(gatewayOf(site.dstar), family.value.letters)
            ? 'reaches it'
            : `does not; it reaches ${site.dstar.families!.join(', ')}`,
      },
    ];
  }),
);
</script>

<template>
  <FormGroups>
    <FieldGroup title="Family of reflectors">
      <TextField
        label="Name"
        :value="family.name"
        :take="
          (text) =>
            takeName(
              text,
              60,
              (name) => change('name', (one) => void (one.name = name)),
              namesBeside(store.plan!.networks, family.id),
            )
        "
        autofocus
      />
      <TextField
        label="Three letters"
        :value="family.letters"
        :take="takeLetters"
        mono
        :hint="`Its reflectors are called ${family.letters}001 to ${family.letters}999; each module links to another channel.`"
      />
    </FieldGroup>
    <FieldGroup title="Which sites reach it">
      <ReachList :sites="sites" mode="D-STAR" />
    </FieldGroup>
    <FieldGroup title="Reflectors" wide>
      <DirectoryImport :network="network" />
      <ReflectorTable :family="family" @change="change" />
    </FieldGroup>
  </FormGroups>
</template>
