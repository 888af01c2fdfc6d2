<script setup lang="ts">
/** Narrows a list down by words; it comes where there is something to narrow. */
defineProps<{ what: string; count: number; shown: number }>();
const words = defineModel<string>({ required: true });
const FEW = 12;
</script>

<template>
  <p v-if="count > FEW" class="narrow">
    <input
      v-model="words"
      class="plain-input"
      :aria-label="`Show ${what} with these words`"
      :placeholder="`Show ${what} with…`"
    />
    <span class="soft" role="status">{{
      words.trim() ? `${shown.toLocaleString('en')} of ${count.toLocaleString('en')}` : count.toLocaleString('en')
    }}</span>
  </p>
</template>

<style scoped>
.narrow {
  display: flex;
  gap: 12px;
  align-items: center;
}

input {
  width: 240px;
}
</style>
