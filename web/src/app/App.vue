<script setup lang="ts">
import en from 'element-plus/es/locale/lang/en';
import SignIn from './SignIn.vue';
</script>

<template>
  <el-config-provider :locale="en" size="default">
    <router-view />
    <SignIn />
  </el-config-provider>
</template>
