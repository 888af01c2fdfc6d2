<script setup lang="ts">
import { computed, defineAsyncComponent, ref } from 'vue';
import { putRow, removeRow, rows } from '@relay/core/plan/table';
import type { DmrNetwork } from '@relay/core/modes/dmr/networks';
import { newServer } from '@relay/core/plan/create';
import { NewCell, TextField } from '../../fields';
import { takeName, type Taken } from '../../fields/field';
import { newId } from '../../fields/new-id';

const DelayProbe = defineAsyncComponent(() => import('./DelayProbe.vue'));
const props = defineProps<{ network: DmrNetwork }>();
const emit = defineEmits<{ change: [label: string, recipe: (network: DmrNetwork) => void] }>();
const servers = computed(() => rows(props.network.servers));
const name = ref('');
const host = ref('');
const region = ref('');

function add(): void {
  if (name.value.trim() === '') return;
  const server = newServer(
    newId('srv'),
    name.value.trim().slice(0, 60).trim(),
    host.value.trim().slice(0, 253),
    region.value.trim().slice(0, 60),
  );
  emit('change', `add server ${server.name}`, (network) => putRow(network.servers, server));
  name.value = '';
  host.value = '';
  region.value = '';
}

const takeHost =
  (id: string) =>
  (text: string): Taken => {
    if (text.trim().length > 253) return { problem: 'Expected at most 253 characters.' };
    emit('change', 'server address', (network) => void (network.servers.byId[id]!.host = text.trim()));
    return null;
  };

const takeRegion =
  (id: string) =>
  (text: string): Taken => {
    if (text.trim().length > 60) return { problem: 'Expected at most 60 characters.' };
    emit('change', 'server region', (network) => void (network.servers.byId[id]!.region = text.trim()));
    return null;
  };
</script>

<template>
  <div class="wide-table" tabindex="0" role="group" aria-label="Servers">
    <table class="plain">
      <thead>
        <tr>
          <th scope="col">Name</th>
          <th scope="col">Address</th>
          <th scope="col">Region</th>
          <th scope="col" class="number">Delay ms</th>
          <th scope="col"><span class="visually-hidden">Acts</span></th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="server in servers" :key="server.id">
          <td>
            <TextField
              bare
              label="Server name"
              :value="server.name"
              :take="
                (text) =>
                  takeName(text, 60, (value) =>
                    emit('change', 'server name', (network) => void (network.servers.byId[server.id]!.name = value)),
                  )
              "
            />
          </td>
          <td><TextField bare label="Server address" :value="server.host" :take="takeHost(server.id)" mono /></td>
          <td><TextField bare label="Server region" :value="server.region" :take="takeRegion(server.id)" /></td>
          <td class="number">
            {{ server.delay ? server.delay.medianMs.toFixed(1) : '–'
            }}<span v-if="server.delay?.lost" class="is-doubtful lost">{{ server.delay.lost }} lost</span>
          </td>
          <td>
            <el-button
              link
              :aria-label="`Remove server ${server.name}`"
              @click="
                emit('change', `remove server ${server.name}`, (network) => removeRow(network.servers, server.id))
              "
              >Remove</el-button
            >
          </td>
        </tr>
        <tr>
          <NewCell v-model="name" label="New server: name" placeholder="New server" @add="add" />
          <NewCell v-model="host" label="New server: address" placeholder="host name or address" mono @add="add" />
          <NewCell v-model="region" label="New server: region" placeholder="Region" @add="add" />
          <td />
          <td><el-button :disabled="name.trim() === ''" @click="add">Add server</el-button></td>
        </tr>
      </tbody>
    </table>
  </div>
  <DelayProbe
    v-if="servers.length"
    :servers="servers"
    @measured="
      (id, delay) => emit('change', 'measured delay', (network) => void (network.servers.byId[id]!.delay = delay))
    "
  />
</template>

<style scoped>
.lost {
  display: block;
}
</style>
