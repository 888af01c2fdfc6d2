<script setup lang="ts">
/** Reads a list of reflectors in whatever layout: what it would change is shown before it does. */
import { computed, ref, shallowRef } from 'vue';
import { describeReadFinding } from '@relay/core/formats/format';
import type { ReadReflectors } from '@relay/core/lists/read-reflectors';
import { compareReflectors, putReflectors } from '@relay/core/modes/dstar/reflectors';
import { families, type Family, isFamily } from '@relay/core/modes/dstar/links';
import { usePlanStore } from '../../sync/plan-store';

const props = defineProps<{ family: Family }>();
const store = usePlanStore();
const read = shallowRef<ReadReflectors | null>(null);
const fileTitle = ref('');
const MOST = 8;
/** By family of the plan; what belongs to none of them is left. */
const parts = computed(() => {
  const found = read.value?.reflectors ?? [];
  return families(store.plan!).map((family) => ({ family, list: found.filter((one) => one.letters === family.letters) })).filter(({ list }) => list.length > 0).map((part) => ({ ...part, ...compareReflectors(part.family, part.list) }));
});
const strangers = computed(() => (read.value?.reflectors ?? []).filter((one) => !families(store.plan!).some((family) => family.letters === one.letters)));
const news = computed(() => parts.value.reduce((sum, one) => sum + one.fresh.length + one.changed.length, 0));

async function choose(event: Event): Promise<void> {
  const input = event.target as HTMLInputElement;
  const file = input.files?.[0];
  if (!file) return;
  const [{ readRaw }, { readReflectors }] = await Promise.all([import('@relay/core/lists/raw'), import('@relay/core/lists/read-reflectors')]);
  read.value = readReflectors(readRaw(new Uint8Array(await file.arrayBuffer())), props.family.letters);
  fileTitle.value = file.name;
  input.value = '';
}

function take(): void {
  const lists = parts.value.map(({ family, list }) => ({ id: family.id, list }));
  store.edit(`read ${fileTitle.value}`, (draft) => {
    for (const { id, list } of lists) {
      const family = draft.networks.byId[id];
      if (family && isFamily(family)) putReflectors(family, list);
    }
  });
  store.notice = `${fileTitle.value} was read. Undo takes it back.`;
  read.value = null;
}
</script>

<template>
  <p class="acts"><label class="el-button">Read a list of reflectors<input type="file" accept=".csv,.txt,text/csv,text/plain" class="visually-hidden" :aria-label="`List of reflectors for ${family.name}`" @change="choose" /></label><span class="soft">In any layout: a column with {{ family.letters }}001 or 1, others with title, modules and activity.</span></p>
  <div v-if="read" class="preview" role="status" data-testid="reflector-list">
    <p v-if="parts.length === 0"><strong>{{ fileTitle }}:</strong> no reflector of a family of this plan.</p>
    <p v-for="part in parts" :key="part.family.id"><strong>{{ part.family.name }}:</strong> {{ part.fresh.length }} new, {{ part.changed.length }} changed, {{ part.same }} the same.</p>
    <p v-if="strangers.length">{{ strangers.length }} of families that the plan does not have: {{ [...new Set(strangers.map((one) => one.letters))].join(', ') }}.</p>
    <ul v-if="read.rejected.length" class="is-broken"><li v-for="(one, i) in read.rejected.slice(0, MOST)" :key="i">{{ describeReadFinding(one) }}</li></ul>
    <p v-if="read.rejected.length > MOST" class="is-broken">and {{ read.rejected.length - MOST }} more lines that are not taken.</p>
    <el-button v-if="news" type="primary" @click="take">Take {{ news }} reflectors</el-button>
    <el-button @click="read = null">{{ news ? 'Leave it' : 'Close' }}</el-button>
  </div>
</template>

<style scoped src="../../parts/list-preview.css"></style>
