<script setup lang="ts">
/** A new hotspot from nothing: the ordered steps, with the values of the plan, to be ticked off or printed. */
import { computed } from 'vue';
import { setUpSheet } from '@relay/core/registries/outputs';
import { HotspotFrame, StepList } from '../../panels';
import { usePlanIndex } from '../../sync/plan-look-ups';
import { useHotspot } from './use-hotspot';

const props = defineProps<{ planId: string; siteId?: string }>();
const { store, site } = useHotspot(() => props.siteId);
const index = usePlanIndex();
const steps = computed(() => (site.value && index.value ? setUpSheet(index.value, site.value.id) : []));
const done = computed(() => steps.value.filter((one) => store.plan!.done[one.id]).length);
const print = () => window.print();
</script>

<template>
  <HotspotFrame :plan-id="planId" :site="site">
    <div class="body">
      <div class="acts no-print">
        <p>
          A new hotspot from nothing, in working order: one thing, then its proof.
          <span class="soft" data-testid="steps-done">{{ done }} of {{ steps.length }} done.</span>
        </p>
        <el-button @click="print">Print this sheet</el-button>
      </div>
      <StepList :steps="steps" />
    </div>
  </HotspotFrame>
</template>

<style scoped>
.body {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 8px;
  max-width: 900px;
  padding: 14px 20px 28px;
}

.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 16px;
  align-items: center;
  justify-content: space-between;
}
</style>
