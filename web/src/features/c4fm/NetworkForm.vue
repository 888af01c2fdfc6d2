<script setup lang="ts">
/** A network of rooms: how one leaves it, which sites reach it, and its rooms and nodes. */
import { computed } from 'vue';
import { roomDigits, roomNetwork, type RoomNetwork } from '@relay/core/modes/c4fm/rooms';
import { reachOf } from '@relay/core/plan/sites';
import { rows } from '@relay/core/plan/table';
import { FieldGroup, FormGroups, ReachList, TextField } from '../../fields';
import DirectoryImport from '../../panels/DirectoryImport.vue';
import { namesBeside, takeName, takeWhole } from '../../fields/field';
import { REACH_WORDS } from '../../fields/reach-words';
import { usePlanStore } from '../../sync/plan-store';
import RoomTable from './RoomTable.vue';

const props = defineProps<{ network: RoomNetwork }>();
const store = usePlanStore();

function change(label: string, recipe: (network: RoomNetwork) => void): void {
  store.edit(`${props.network.name}: ${label}`, (draft) => recipe(roomNetwork(draft, props.network.id)!));
}

const sites = computed(() =>
  rows(store.plan!.sites).flatMap(({ id, name, c4fm }) =>
    c4fm ? [{ id, name, words: REACH_WORDS[reachOf(c4fm, props.network.id)] }] : [],
  ),
);
</script>

<template>
  <FormGroups>
    <FieldGroup title="Network of rooms">
      <TextField
        label="Name"
        :value="network.name"
        :take="
          (text) =>
            takeName(
              text,
              60,
              (name) => change('name', (one) => void (one.name = name)),
              namesBeside(store.plan!.networks, network.id),
            )
        "
        autofocus
      />
      <TextField
        label="Disconnects"
        :value="roomDigits(network.disconnect)"
        :take="
          (text) =>
            takeWhole(text, 0, 99_999, (number) =>
              change('number that disconnects', (one) => void (one.disconnect = number)),
            )
        "
        mono
        hint="Calling this number leaves whatever room is connected. Commonly 99999."
      />
      <p class="soft find">
        <router-link :to="{ name: 'rooms', params: { planId: store.planId! } }"
          >Find a room, keep it in the room book, deal it into your radios</router-link
        >
      </p>
    </FieldGroup>
    <FieldGroup title="Which sites reach it"><ReachList :sites="sites" mode="C4FM" /></FieldGroup>
    <FieldGroup title="Rooms and nodes" wide>
      <DirectoryImport :network="network" />
      <RoomTable :network="network" @change="change" />
    </FieldGroup>
  </FormGroups>
</template>
