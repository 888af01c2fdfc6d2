<script setup lang="ts">
/** The relay line of the selection under every editor. Agreement shows it full size itself. */
import { ref } from 'vue';
import { useRoute } from 'vue-router';
import { PathPanel } from '../panels';
import { usePlanStore } from '../sync/plan-store';

const store = usePlanStore();
const route = useRoute();
const folded = ref(false);
</script>

<template>
  <div v-if="store.relayView && route.name !== 'agreement'" class="dock no-print">
    <PathPanel v-if="!folded" />
    <p v-else class="folded">
      <strong>{{ store.relayView.title }}</strong> {{ store.relayView.call.words }}; {{ store.relayView.reply.words }}
    </p>
    <el-button link class="fold" :aria-expanded="!folded" @click="folded = !folded">{{
      folded ? 'Show the line' : 'Fold'
    }}</el-button>
  </div>
</template>

<style scoped>
.dock {
  position: relative;
  padding: 10px 20px 8px;
  background: var(--raised);
  border-top: 1px solid var(--rule);
}

.fold {
  position: absolute;
  right: 16px;
  bottom: 6px;
}

.folded strong {
  margin-right: 10px;
}

/* Where there is little room, as at twice the size, the work keeps most of it. */
@media (max-width: 760px), (max-height: 560px) {
  .dock {
    max-height: 34vh;
    overflow: auto;
  }
}
</style>
