<script setup lang="ts">
/** Steps along a line, as the call goes: each leads to the channel that does it, and one is where you are. */
defineProps<{
  steps: readonly { use: string; title: string; channelId: string | null; say: string }[];
  here: string;
}>();
defineEmits<{ select: [channelId: string] }>();
</script>

<template>
  <ol class="steps">
    <li v-for="step in steps" :key="step.use" :class="{ here: step.channelId === here }">
      <button v-if="step.channelId" type="button" :title="step.say" @click="$emit('select', step.channelId)">
        {{ step.title }}</button><span v-else :title="step.say">{{ step.title }}</span>
    </li>
  </ol>
</template>

<style scoped>
.steps {
  display: flex;
  gap: 0;
  margin: 4px 0 0;
  padding: 0;
  list-style: none;
}

li {
  display: flex;
  align-items: center;
}

li + li::before {
  width: 22px;
  height: 3px;
  background: var(--yellow);
  content: '';
}

button,
span {
  padding: 3px 10px;
  color: var(--ink);
  background: var(--raised);
  border: 1px solid var(--edge);
  border-radius: 3px;
  font: inherit;
}

button {
  cursor: pointer;
}

span {
  color: var(--ink-soft);
  border-style: dashed;
}

.here button {
  border: 2px solid var(--ink);
  font-weight: 600;
}

@media (max-width: 900px) {
  .steps {
    flex-wrap: wrap;
  }
}
</style>
