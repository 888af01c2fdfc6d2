<script setup lang="ts">
/** A list that is read into the plan: the file, what it would change, the lines that are not taken, and the press. */
import { computed } from 'vue';
import { describeReadFinding, type ReadFinding } from '@relay/core/formats/format';

const props = defineProps<{ what: string; into: string; hint: string; file: string; difference: { fresh: number; changed: number; same: number } | null; rejected: readonly ReadFinding[] }>();
const emit = defineEmits<{ choose: [name: string, bytes: Uint8Array]; take: []; leave: [] }>();
const MOST = 8;
const news = computed(() => (props.difference ? props.difference.fresh + props.difference.changed : 0));

async function choose(event: Event): Promise<void> {
  const input = event.target as HTMLInputElement;
  const file = input.files?.[0];
  if (!file) return;
  emit('choose', file.name, new Uint8Array(await file.arrayBuffer()));
  input.value = '';
}
</script>

<template>
  <p class="acts"><label class="el-button">Read a list of {{ what }}<input type="file" accept=".csv,.txt,text/csv,text/plain" class="visually-hidden" :aria-label="`List of ${what} for ${into}`" @change="choose" /></label><span class="soft">{{ hint }}</span></p>
  <div v-if="difference" class="preview" role="status" data-testid="list-preview">
    <p><strong>{{ file }}:</strong> {{ difference.fresh }} new, {{ difference.changed }} changed, {{ difference.same }} the same.</p>
    <ul v-if="rejected.length" class="is-broken"><li v-for="(one, i) in rejected.slice(0, MOST)" :key="i">{{ describeReadFinding(one) }}</li></ul>
    <p v-if="rejected.length > MOST" class="is-broken">and {{ rejected.length - MOST }} more lines that are not taken.</p>
    <el-button v-if="news" type="primary" @click="emit('take')">Take {{ news }} {{ what }}</el-button>
    <el-button @click="emit('leave')">{{ news ? 'Leave it' : 'Close' }}</el-button>
  </div>
</template>

<style scoped src="./list-preview.css"></style>
