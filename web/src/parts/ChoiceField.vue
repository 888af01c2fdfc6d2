<script setup lang="ts" generic="T extends string">
import { useId } from 'vue';

defineProps<{ label: string; value: T; options: readonly { value: T; label: string }[]; hint?: string }>();
defineEmits<{ choose: [value: T] }>();
const id = useId();
</script>

<template>
  <div class="field">
    <label :id="id">{{ label }}</label>
    <el-select class="choice" :model-value="value" :aria-labelledby="id" :aria-label="label" @update:model-value="$emit('choose', $event as T)">
      <el-option v-for="option in options" :key="option.value" :value="option.value" :label="option.label" />
    </el-select>
    <p v-if="hint" class="hint soft">{{ hint }}</p>
  </div>
</template>

<style scoped>
.field {
  display: grid;
  grid-template-columns: 168px minmax(0, 1fr);
  gap: 2px 12px;
  align-items: center;
}

.choice {
  max-width: 260px;
}

.hint {
  grid-column: 2;
  max-width: 56ch;
  font-size: 12px;
}

@media (max-width: 760px) {
  .field {
    grid-template-columns: 1fr;
  }

  .hint {
    grid-column: 1;
  }
}
</style>
