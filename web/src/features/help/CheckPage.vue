<script setup lang="ts">
import { computed } from 'vue';
import { CHECK_BY_ID } from '@relay/core/registries/checks';

const props = defineProps<{ checkId: string }>();
const check = computed(() => CHECK_BY_ID.get(props.checkId) ?? null);
</script>

<template>
  <article v-if="check">
    <h1>{{ check.title }}</h1>
    <p class="mono soft">{{ check.id }} · {{ check.severity }}</p>
    <h2>What</h2>
    <p>{{ check.docs.summary }}</p>
    <h2>Why it matters</h2>
    <p>{{ check.docs.why }}</p>
    <h2>What to do</h2>
    <p>{{ check.docs.remedy }}</p>
    <template v-if="check.docs.source">
      <h2>Source</h2>
      <p>{{ check.docs.source.name }} ({{ check.docs.source.kind }})</p>
    </template>
  </article>
  <p v-else class="is-broken">There is no check “{{ checkId }}”.</p>
</template>

<style scoped>
article {
  display: grid;
  gap: 6px;
}

h2 {
  margin-top: 12px;
}

p {
  max-width: 70ch;
}
</style>
