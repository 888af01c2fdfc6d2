<script setup lang="ts">
/** What to set on one hotspot, to lie beside it while its settings page is open. */
import { computed } from 'vue';
import { hotspotSheet } from '@relay/core/registries/outputs';
import type { Plan, Site } from '@relay/core/plan/types';

const props = defineProps<{ plan: Plan; site: Site; withPasswords: boolean }>();
const lines = computed(() => hotspotSheet(props.plan, props.site.id, { passwords: props.withPasswords }).lines);
</script>

<template>
  <section class="sheet" :aria-label="`Settings of ${site.name}`">
    <h2>Settings of {{ site.name }}</h2>
    <table class="plain">
      <tbody>
        <tr v-for="(line, i) in lines" :key="i">
          <th scope="row">{{ line.label }}</th>
          <td>{{ line.text }}</td>
        </tr>
      </tbody>
    </table>
  </section>
</template>

<style scoped>
.sheet {
  break-inside: avoid;
}

@media print {
  .sheet {
    margin-top: 24px;
  }
}

h2 {
  margin-bottom: 8px;
}

th {
  width: 150px;
}
</style>
