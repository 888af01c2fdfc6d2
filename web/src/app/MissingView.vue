<template>
  <main class="missing">
    <h1>There is nothing at this address</h1>
    <p><router-link :to="{ name: 'plans' }">Go to your plans</router-link></p>
  </main>
</template>

<style scoped>
.missing {
  display: grid;
  gap: 12px;
  padding: 48px;
}
</style>
