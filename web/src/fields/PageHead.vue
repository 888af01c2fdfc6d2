<script setup lang="ts">
defineProps<{ title: string; detail?: string }>();
</script>

<template>
  <header class="page-head">
    <h1>{{ title }}</h1>
    <span v-if="detail" class="soft">{{ detail }}</span>
    <span class="acts no-print"><slot /></span>
  </header>
</template>

<style scoped>
.page-head {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 14px;
  align-items: center;
  min-height: 58px;
  padding: 12px 20px 10px;
}

.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  margin-left: auto;
}

.acts :deep(.el-button + .el-button) {
  margin-left: 0;
}
</style>
