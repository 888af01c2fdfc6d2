<script setup lang="ts">
import { computed, ref } from 'vue';
import { findingsOfPath } from '@relay/core/agreement/agreement';
import { RelayLine } from '../relay-line';
import { usePlanStore } from '../sync/plan-store';

const store = usePlanStore();
const folded = ref(false);
const finding = computed(() => {
  const channel = store.selectedChannel;
  if (!channel || !store.selection || !store.agreement) return null;
  return findingsOfPath(store.agreement.findings, store.selection.radioId, channel.id, channel.siteId)[0] ?? null;
});
const alike = computed(() => (finding.value ? store.agreement!.findings.filter((one) => one.check === finding.value!.check && one.fixes.length > 0).length : 0));
</script>

<template>
  <section v-if="store.relayView" class="dock no-print" aria-label="Relay line of the selection" data-testid="dock">
    <RelayLine v-if="!folded" :view="store.relayView" :finding="finding" :alike="alike" @mend="store.mend($event)" @mend-all="store.mendAll($event)" />
    <p v-else class="folded"><strong>{{ store.relayView.title }}</strong> {{ store.relayView.call.words }}; {{ store.relayView.reply.words }}</p>
    <el-button link class="fold" :aria-expanded="!folded" @click="folded = !folded">{{ folded ? 'Show the line' : 'Fold' }}</el-button>
  </section>
</template>

<style scoped>
.dock {
  position: relative;
  padding: 10px 20px 8px;
  background: var(--raised);
  border-top: 1px solid #c9c4b6;
}

.fold {
  position: absolute;
  right: 16px;
  bottom: 6px;
}

.folded strong {
  margin-right: 10px;
}

@media (max-width: 760px) {
  .dock {
    max-height: 40vh;
    overflow: auto;
  }
}
</style>
