<script setup lang="ts">
import type { Renumbering } from '@relay/core/modes/dmr/routes/renumber';
import type { Plan } from '@relay/core/plan/types';

const props = defineProps<{ plan: Plan; changes: readonly Renumbering[] }>();
const channel = (one: Renumbering) => props.plan.codeplugs[one.radioId]!.channels.byId[one.channelId]!.name;
</script>

<template>
  <table class="plain">
    <thead>
      <tr>
        <th scope="col">Radio</th>
        <th scope="col">Channel</th>
        <th scope="col">Call</th>
        <th scope="col" class="number">Now</th>
        <th scope="col" class="number">Then</th>
        <th scope="col">On the network</th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="one in changes" :key="`${one.radioId}/${one.channelId}`" data-testid="renumbered">
        <td>{{ plan.radios.byId[one.radioId]!.name }}</td>
        <td>{{ channel(one) }}</td>
        <td>{{ one.kind }}</td>
        <td class="number">{{ one.from }}</td>
        <td class="number" :class="{ 'is-broken': one.to === null }">{{ one.to ?? 'none leads there' }}</td>
        <td>
          {{ plan.networks.byId[one.networkId]!.name }} <span class="mono">{{ one.networkNumber }}</span>
        </td>
      </tr>
    </tbody>
  </table>
</template>
