<script setup lang="ts">
/** The relay line of the selected path, with what breaks it and the press that mends it. */
import { computed } from 'vue';
import { findingAtGap, findingsOfPath, mendAllWords } from '@relay/core/agreement/findings';
import { RelayLine } from '../relay-line';
import { usePlanStore } from '../sync/plan-store';

defineProps<{ large?: boolean }>();
const store = usePlanStore();
const finding = computed(() => {
  const channel = store.selectedChannel;
  if (!channel || !store.selection || !store.agreement || !store.relayView) return null;
  return findingAtGap(
    findingsOfPath(store.agreement.findings, store.selection.radioId, channel.id, channel.siteId),
    store.relayView,
  );
});
const all = computed(() => (finding.value ? mendAllWords(store.agreement!.findings, finding.value.check) : ''));
/** What the path says of a group that is not static: asleep until keyed, or awake. */
const activity = computed(() => {
  const pair = store.relayView?.reply.hops.flatMap((hop) => hop.pairs).find((one) => one.fact.key === 'activity');
  return pair?.fact.key === 'activity' ? { words: pair.has, isStatic: pair.fact.has.is === 'static' } : null;
});
</script>

<template>
  <section v-if="store.relayView" aria-label="Relay line of the selection" data-testid="dock">
    <p
      v-if="activity && store.relayView.call.verdict !== 'broken'"
      class="activity soft"
      :class="{ 'activity--beside': !finding }"
    >
      <span data-testid="activity">Group {{ activity.words }}.</span>
      <el-button v-if="!activity.isStatic" size="small" @click="store.keyUp()">I keyed it just now</el-button>
    </p>
    <RelayLine
      :view="store.relayView"
      :finding="finding"
      :all="all"
      :large="large"
      @mend="(found, at) => store.mend(found, at)"
      @mend-all="store.mendAll($event)"
    />
  </section>
</template>

<style scoped>
section {
  position: relative;
}

.activity {
  display: flex;
  gap: 10px;
  align-items: center;
  justify-content: flex-end;
  font-size: 12px;
}

.activity--beside {
  position: absolute;
  top: 12px;
  right: 16px;
}

@media (max-width: 760px) {
  .activity--beside {
    position: static;
  }
}
</style>
