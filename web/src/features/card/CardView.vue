<script setup lang="ts">
/** A card for the pocket: what is called in each mode, in which memory, and how one leaves. */
import { computed } from 'vue';
import { cardOf } from '@relay/core/registries/outputs';
import { EmptyState, PageHead } from '../../fields';
import { usePlanStore } from '../../sync/plan-store';

defineProps<{ planId: string }>();
const store = usePlanStore();
const sections = computed(() => cardOf(store.plan!));
const print = () => window.print();
</script>

<template>
  <PageHead title="Pocket card" :detail="store.plan!.station.callSign"
    ><el-button type="primary" :disabled="sections.length === 0" @click="print">Print the card</el-button></PageHead
  >
  <EmptyState v-if="sections.length === 0" title="Nothing on the card yet">
    <p>
      Keep rooms in the room book, or want something on a network: the card lists what is called, and how one leaves.
    </p>
    <template #acts
      ><el-button @click="$router.push({ name: 'rooms', params: { planId } })">Room book</el-button></template
    >
  </EmptyState>
  <div v-else class="cards">
    <section
      v-for="section in sections"
      :key="`${section.mode} ${section.title}`"
      class="card"
      :aria-label="`${section.mode}, ${section.title}`"
      data-testid="card-section"
    >
      <h2>
        {{ section.title }} <span class="soft">{{ section.mode }}</span>
      </h2>
      <table class="plain">
        <tbody>
          <tr v-for="line in section.lines" :key="line.enter">
            <td class="mono enter">{{ line.enter }}</td>
            <td>
              <strong>{{ line.name }}</strong> <span class="soft">{{ line.note }}</span>
            </td>
          </tr>
        </tbody>
      </table>
      <p class="out">{{ section.out }}</p>
    </section>
    <p class="soft care">
      Listen first, and leave a second or two between overs. Transmit only where your licence allows; do not work a
      radio’s settings while driving.
    </p>
  </div>
</template>

<style scoped>
.cards {
  columns: 330px;
  column-gap: 14px;
  padding: 4px 20px 28px;
}

.card {
  margin-bottom: 14px;
  padding: 12px 14px;
  background: var(--raised);
  border: 1px solid var(--hairline);
  border-radius: 3px;
  break-inside: avoid;
}

.enter {
  width: 1px;
  padding-right: 16px;
  white-space: nowrap;
}

.out {
  margin: 8px 0 0;
  padding-top: 8px;
  border-top: 3px solid var(--yellow);
}

.care {
  column-span: all;
  margin-top: 12px;
}

@media print {
  .cards {
    columns: 2;
    padding: 0;
  }

  .out {
    border-top-color: var(--ink);
  }
}
</style>
