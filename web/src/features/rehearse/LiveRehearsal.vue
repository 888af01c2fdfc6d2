<script setup lang="ts">
/** The plan’s own radios, keyed by hand. */
import { computed, shallowRef, toRaw } from 'vue';
import { useRouter } from 'vue-router';
import { EmptyState } from '../../fields';
import { usePlanStore } from '../../sync/plan-store';
import LiveRun from './LiveRun.vue';

const props = defineProps<{ planId: string }>();
const router = useRouter();
const store = usePlanStore();
/** Edits made meanwhile, here or in another window, count from the next beginning. */
const plan = shallowRef(toRaw(store.plan!));
const isOld = computed(() => toRaw(store.plan!) !== plan.value);
const hasChannels = computed(() =>
  Object.values(plan.value.codeplugs).some(({ channels }) => channels.order.length > 0),
);
</script>

<template>
  <EmptyState v-if="!hasChannels" title="No channel to key yet">
    <p>
      Here the radios of this plan are keyed without going on the air: one sees each call go from the radio to the
      hotspot and into the network, and where it stops. That takes a radio with a channel.
    </p>
    <template #acts>
      <el-button type="primary" @click="router.push({ name: 'wants', params: { planId } })">Wants</el-button>
      <el-button @click="router.push({ name: 'practice', params: { planId: props.planId } })">Practice</el-button>
    </template>
  </EmptyState>
  <LiveRun v-else class="live" :plan="plan" @anew="plan = toRaw(store.plan!)">
    <span v-if="isOld" class="is-doubtful" role="status"
      >The plan has changed since this began. “Begin anew” takes it as it is now.</span
    >
  </LiveRun>
</template>

<style scoped>
.live {
  padding: 0 20px 24px;
}

@media (max-width: 700px) {
  .live {
    padding: 0 12px 20px;
  }
}
</style>
