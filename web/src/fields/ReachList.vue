<script setup lang="ts">
/** Which sites reach a network, in words. */
defineProps<{ sites: readonly { id: string; name: string; words: string }[]; mode: string }>();
</script>

<template>
  <p v-if="sites.length === 0" class="soft">No site of the plan has {{ mode }} yet.</p>
  <ul v-else class="sites">
    <li v-for="site in sites" :key="site.id">
      <strong>{{ site.name }}</strong> <span class="soft">{{ site.words }}</span>
    </li>
  </ul>
</template>

<style scoped>
.sites {
  margin: 0;
  padding: 0;
  list-style: none;
}
</style>
