<script setup lang="ts">
import { useRouter } from 'vue-router';

const router = useRouter();
</script>

<template>
  <main class="help">
    <nav class="no-print">
      <el-button @click="router.back()">Back</el-button> <router-link :to="{ name: 'plans' }">Plans</router-link>
      <router-link :to="{ name: 'help-checks' }">All checks</router-link>
    </nav>
    <router-view />
  </main>
</template>

<style scoped>
.help {
  display: grid;
  gap: 16px;
  max-width: 860px;
  padding: 20px 28px 60px;
}

nav {
  display: flex;
  gap: 14px;
  align-items: center;
}
</style>
