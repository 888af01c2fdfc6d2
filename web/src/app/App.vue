<script setup lang="ts">
import en from 'element-plus/es/locale/lang/en';
import { defineAsyncComponent, ref } from 'vue';
import { signInNeeded } from '../sync/api';
import { staleWords } from './stale';

const SignIn = defineAsyncComponent(() => import('./SignIn.vue'));
const asked = ref(false);
signInNeeded.addEventListener('needed', () => (asked.value = true));
</script>

<template>
  <el-config-provider :locale="en" size="default">
    <p v-if="staleWords" class="stale" role="alert">{{ staleWords }}</p>
    <router-view />
    <SignIn v-if="asked" />
  </el-config-provider>
</template>

<style scoped>
.stale {
  position: fixed;
  z-index: 3000;
  right: 16px;
  bottom: 16px;
  left: 16px;
  max-width: 640px;
  margin: 0 auto;
  padding: 10px 14px;
  color: var(--ink);
  background: var(--yellow-pale);
  border: 1px solid var(--ink);
  border-radius: 3px;
}
</style>
