<script setup lang="ts">
/** What is still missing here, and the step to take from here. */
import { computed } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import { nextStops } from '../app/stops';
import { usePlanStore } from '../sync/plan-store';

const store = usePlanStore();
const route = useRoute();
const router = useRouter();
const next = computed(() => (store.plan ? nextStops(store.plan, store.agreement, route.name) : null));
</script>

<template>
  <span v-if="next?.here" class="here soft" data-testid="missing-here">Still to do here: {{ next.here.words }}</span>
  <el-button
    v-if="next?.onward"
    :type="next.here ? 'default' : 'primary'"
    data-testid="next"
    @click="router.push({ name: next.onward.route, params: { planId: store.planId! } })"
    >Next: {{ next.onward.words }}</el-button
  >
</template>

<style scoped>
.here {
  align-self: center;
}
</style>
