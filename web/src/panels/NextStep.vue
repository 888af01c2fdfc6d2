<script setup lang="ts">
import { computed } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import { nextStop } from '../app/stops';
import { usePlanStore } from '../sync/plan-store';

const store = usePlanStore();
const route = useRoute();
const router = useRouter();
const next = computed(() => (store.plan ? nextStop(store.plan, store.agreement) : null));
</script>

<template>
  <el-button
    v-if="next && next.route !== route.name"
    type="primary"
    data-testid="next"
    @click="router.push({ name: next.route, params: { planId: store.planId! } })"
    >{{ next.words }}</el-button
  >
</template>
