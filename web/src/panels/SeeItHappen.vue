<script setup lang="ts">
/** To the scenario that shows in time what a check says; nothing where none does. */
import { SHOWN_BY } from '../../../demo/scenarios/shown-by';

defineProps<{ check: string }>();
</script>

<template>
  <router-link v-if="SHOWN_BY[check]" :to="{ name: 'scenario', params: { scenarioId: SHOWN_BY[check]! } }"
    >See it happen</router-link
  >
</template>
