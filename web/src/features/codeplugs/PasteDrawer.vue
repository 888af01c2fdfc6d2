<script setup lang="ts">
/** More rows were pasted than there are channels: what that would do, before anything is done. */
import { computed } from 'vue';
import type { PastePreview } from './paste';
import RefusedCells from './RefusedCells.vue';
import type { RefusedWords } from './refused';

const open = defineModel<boolean>({ required: true });
const props = defineProps<{
  preview: PastePreview;
  refused: readonly RefusedWords[];
  room: number;
  radioName: string;
}>();
defineEmits<{ all: []; onlyThere: [] }>();
const channels = (count: number) => `${count.toLocaleString('en')} ${count === 1 ? 'channel' : 'channels'}`;
const over = computed(() => props.preview.fresh - props.room);
</script>

<template>
  <el-drawer v-model="open" size="min(460px, 100%)" title="Paste makes channels">
    <div class="lines" data-testid="paste-preview">
      <p>The range is longer than the sheet. Pasting it whole does this, as one edit:</p>
      <ul>
        <li>
          {{ channels(preview.fresh) }} new, below the last one, like the channel above them where nothing is said
        </li>
        <li>{{ channels(preview.changed) }} changed</li>
        <li :class="{ 'is-broken': refused.length > 0 }">
          {{ refused.length }} {{ refused.length === 1 ? 'cell' : 'cells' }} not taken
        </li>
      </ul>
      <p v-if="over > 0" class="is-doubtful">
        {{ radioName }} has room for {{ channels(Math.max(room, 0)) }} more: {{ over }} will be too many for it.
      </p>
      <RefusedCells v-if="refused.length" :cells="refused" />
    </div>
    <template #footer>
      <el-button @click="open = false">Paste nothing</el-button>
      <el-button v-if="preview.changed > 0" @click="$emit('onlyThere')">Only the channels that are there</el-button>
      <el-button type="primary" data-testid="paste-all" @click="$emit('all')"
        >Paste with {{ channels(preview.fresh) }} new</el-button
      >
    </template>
  </el-drawer>
</template>

<style scoped>
.lines {
  display: grid;
  gap: 10px;
}

ul {
  margin: 0;
  padding-left: 18px;
}
</style>
