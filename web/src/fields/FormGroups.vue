<template>
  <div class="groups"><slot /></div>
</template>

<style scoped>
/* Groups stand in two columns where both have room; what is a long table runs across both. */
.groups {
  columns: 500px 2;
  column-gap: 36px;
}

.groups > :deep(*) {
  break-inside: avoid;
}

/* Both columns begin on one line. */
.groups > :deep(.group:first-child) {
  padding-top: 14px;
  border-top: 1px solid var(--hairline);
}

.groups > :deep(.is-wide) {
  break-inside: auto;
  column-span: all;
}
</style>
