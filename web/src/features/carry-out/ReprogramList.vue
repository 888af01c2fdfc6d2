<script setup lang="ts">
/** What must be written to which radio: old and new, held against what was last written. */
import { nextTick, watch } from 'vue';
import { useRoute } from 'vue-router';
import { markWritten, type Reprogramming } from '@relay/core/compare/written';
import { VirtualRows } from '../../fields';
import { usePlanStore } from '../../sync/plan-store';

const props = defineProps<{ lists: Reprogramming[] | null }>();
const store = usePlanStore();
const route = useRoute();
const day = (at: string) => new Date(at).toLocaleString('en', { dateStyle: 'medium', timeStyle: 'short' });
const words = { new: 'new', changed: 'changed', gone: 'remove' } as const;
/** One of them → several, for a heading. */
const several = (what: string) => `${what.charAt(0).toUpperCase()}${what.slice(1)}s`;

interface Line {
  key: string;
  name: string;
  what: string;
  from: string;
  to: string;
  /** What stands in `to` is a value, not a sentence. */
  isValue: boolean;
  place: string;
}

/** A line for each value that changes; the name of its channel stands on the first. */
function linesOf({ channels }: Reprogramming): Line[] {
  return channels.flatMap((channel): Line[] => {
    const { channelId, name, place } = channel;
    if (channel.kind !== 'changed') {
      const to = channel.kind === 'new' ? 'all of it, from the codeplug table' : '';
      return [{ key: channelId, name, what: words[channel.kind], from: '', to, isValue: false, place }];
    }
    return channel.changes.map(({ field, from, to }, at) => ({
      key: `${channelId}/${field}`,
      name: at === 0 ? name : '',
      what: field,
      from,
      to,
      isValue: true,
      place: at === 0 ? place : '',
    }));
  });
}

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
        <VirtualRows v-slot="{ row: line, at }" :rows="linesOf(one)" :key-of="(row) => row.key" :height="32">
          <tr :data-index="at" data-testid="reprogram-channel">
            <td>{{ line.name }}</td>
            <td>{{ line.what }}</td>
            <td class="mono">{{ line.from }}</td>
            <td :class="{ mono: line.isValue }">{{ line.to }}</td>
            <td>{{ line.place }}</td>
          </tr>
        </VirtualRows>
      </table>
      <details v-for="group in one.records" :key="group.what">
        <summary>{{ several(group.what) }}: {{ group.changes.length }}</summary>
        <table class="plain">
          <VirtualRows v-slot="{ row, at }" :rows="group.changes" :key-of="(of) => `${of.name}${of.from}`" :height="32">
            <tr :data-index="at">
              <td>{{ row.name }}</td>
              <td>{{ words[row.kind] }}</td>
              <td class="mono">{{ row.from }}</td>
              <td class="mono">{{ row.to }}</td>
            </tr>
          </VirtualRows>
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
