<script setup lang="ts">
/** What must be written to which radio: old and new, held against what was last written. */
import { nextTick, watch } from 'vue';
import { useRoute } from 'vue-router';
import { markWritten, type Reprogramming } from '@relay/core/compare/written';
import { usePlanStore } from '../../sync/plan-store';

const props = defineProps<{ lists: Reprogramming[] | null }>();
const store = usePlanStore();
const route = useRoute();
const MOST = 200;
const day = (at: string) => new Date(at).toLocaleString('en', { dateStyle: 'medium', timeStyle: 'short' });
const words = { new: 'new', changed: 'changed', gone: 'remove' } as const;
/** One of them → several, for a heading. */
const several = (what: string) => `${what.charAt(0).toUpperCase()}${what.slice(1)}s`;

function mark(one: Reprogramming): void {
  store.edit(`${one.radioName} was written`, (draft) => markWritten(draft, one.radioId, new Date().toISOString()));
  store.notice = `${one.radioName} is marked as written: it holds what is planned. Undo takes the mark back.`;
}

watch(
  () => props.lists !== null,
  async (there) => {
    if (!there || route.hash !== '#reprogram') return;
    await nextTick();
    document.getElementById('reprogram')?.scrollIntoView();
  },
  { immediate: true },
);
</script>

<template>
  <section aria-labelledby="reprogram-title" data-testid="reprogram">
    <h2 id="reprogram-title">To reprogram</h2>
    <p v-if="lists === null" class="soft" role="status">Comparing with what was written…</p>
    <p v-else-if="lists.length === 0" class="is-whole">Every radio holds what is planned.</p>
    <article v-for="one in lists ?? []" :key="one.radioId" class="radio">
      <header>
        <strong>{{ one.radioName }}</strong>
        <span class="soft">{{
          one.writtenAt === null ? 'never written from this plan' : `last written ${day(one.writtenAt)}`
        }}</span>
        <span>{{ one.channels.length }} {{ one.channels.length === 1 ? 'channel' : 'channels' }}</span>
        <el-button class="no-print" @click="mark(one)">Mark as written</el-button>
      </header>
      <table v-if="one.channels.length" class="plain">
        <thead>
          <tr>
            <th scope="col">Channel</th>
            <th scope="col">What</th>
            <th scope="col">Old</th>
            <th scope="col">New</th>
            <th scope="col">Comes out at</th>
          </tr>
        </thead>
        <tbody>
          <template v-for="channel in one.channels.slice(0, MOST)" :key="channel.channelId">
            <tr v-if="channel.kind !== 'changed'" data-testid="reprogram-channel">
              <td>{{ channel.name }}</td>
              <td>{{ words[channel.kind] }}</td>
              <td />
              <td>{{ channel.kind === 'new' ? 'all of it, from the codeplug table' : '' }}</td>
              <td>{{ channel.place }}</td>
            </tr>
            <template v-else>
              <tr v-for="(change, i) in channel.changes" :key="change.field" data-testid="reprogram-channel">
                <td>{{ i === 0 ? channel.name : '' }}</td>
                <td>{{ change.field }}</td>
                <td class="mono">{{ change.from }}</td>
                <td class="mono">{{ change.to }}</td>
                <td>{{ i === 0 ? channel.place : '' }}</td>
              </tr>
            </template>
          </template>
        </tbody>
      </table>
      <p v-if="one.channels.length > MOST" class="soft">
        and {{ one.channels.length - MOST }} more: the codeplug table holds them all.
      </p>
      <details v-for="group in one.records" :key="group.what">
        <summary>{{ several(group.what) }}: {{ group.changes.length }}</summary>
        <table class="plain">
          <tbody>
            <tr v-for="row in group.changes.slice(0, MOST)" :key="`${row.name}${row.from}`">
              <td>{{ row.name }}</td>
              <td>{{ words[row.kind] }}</td>
              <td class="mono">{{ row.from }}</td>
              <td class="mono">{{ row.to }}</td>
            </tr>
          </tbody>
        </table>
      </details>
    </article>
  </section>
</template>

<style scoped>
section {
  display: grid;
  gap: 10px;
  align-content: start;
}

.radio {
  display: grid;
  gap: 6px;
}

header {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 14px;
  align-items: center;
}

header .el-button {
  margin-left: auto;
}

summary {
  cursor: pointer;
}
</style>
