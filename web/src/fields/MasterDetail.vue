<template>
  <div class="master">
    <div class="side"><slot name="side" /></div>
    <div class="detail"><slot /></div>
  </div>
</template>

<style scoped>
.master {
  display: grid;
  grid-template-columns: 236px minmax(0, 1fr);
  gap: 28px;
  padding: 4px 20px 28px;
}

@media (max-width: 760px) {
  .master {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
