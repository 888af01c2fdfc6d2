<script setup lang="ts">
/** What to set on one hotspot, in working order, to lie beside it while its settings page is open. */
import { computed } from 'vue';
import { settingsOf } from '@relay/core/registries/outputs';
import { settingsSheet } from '@relay/core/settings/sheet';
import type { Plan, Site } from '@relay/core/plan/types';
import { usePlanStore } from '../../sync/plan-store';

const props = defineProps<{ plan: Plan; site: Site; withPasswords: boolean; profileId?: string }>();
const store = usePlanStore();
const sections = computed(() =>
  settingsSheet(settingsOf(props.plan, props.site.id, props.profileId), { passwords: props.withPasswords }),
);
const title = (section: string) => section.charAt(0).toUpperCase() + section.slice(1);

async function copy(label: string, text: string): Promise<void> {
  try {
    await navigator.clipboard.writeText(text);
    store.notice = `${label} is copied.`;
  } catch {
    store.notice = 'This browser does not let pages copy: select the value and copy it by hand.';
  }
}
</script>

<template>
  <section class="sheet" :aria-label="`Settings of ${site.name}`">
    <h2>Settings of {{ site.name }}</h2>
    <table class="plain">
      <tbody v-for="one in sections" :key="one.section">
        <tr>
          <th scope="rowgroup" colspan="3" class="section">{{ title(one.section) }}</th>
        </tr>
        <tr v-for="line in one.lines" :key="line.id">
          <th scope="row">{{ line.label }}</th>
          <td>{{ line.text }}</td>
          <td class="no-print copy">
            <el-button link size="small" :aria-label="`Copy ${line.label}`" @click="copy(line.label, line.text)"
              >Copy</el-button
            >
          </td>
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
  width: 190px;
}

td {
  overflow-wrap: anywhere;
}

.section {
  padding-top: 10px;
  color: var(--ink);
  font-weight: 650;
}

.copy {
  width: 50px;
  text-align: right;
}
</style>
