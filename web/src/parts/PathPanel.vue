<script setup lang="ts">
/** The relay line of the selected path, with what breaks it and the press that mends it. */
import { computed } from 'vue';
import { findingAtGap, findingsOfPath } from '@relay/core/agreement/agreement';
import { RelayLine } from '../relay-line';
import { usePlanStore } from '../sync/plan-store';

defineProps<{ large?: boolean }>();
const store = usePlanStore();
const finding = computed(() => {
  const channel = store.selectedChannel;
  if (!channel || !store.selection || !store.agreement || !store.relayView) return null;
  return findingAtGap(findingsOfPath(store.agreement.findings, store.selection.radioId, channel.id, channel.siteId), store.relayView);
});
const alike = computed(() => (finding.value ? store.agreement!.findings.filter((one) => one.check === finding.value!.check && one.fixes.length > 0).length : 0));
</script>

<template>
  <section v-if="store.relayView" aria-label="Relay line of the selection" data-testid="dock">
    <RelayLine :view="store.relayView" :finding="finding" :alike="alike" :large="large" @mend="store.mend($event)" @mend-all="store.mendAll($event)" />
  </section>
</template>
