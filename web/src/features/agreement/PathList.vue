<script setup lang="ts">
import { computed } from 'vue';
import type { Agreement, ChannelVerdict } from '@relay/core/agreement/agreement';
import { NarrowField, VirtualRows } from '../../fields';
import { useNarrowed } from '../../fields/narrow';
import { RelayStrip } from '../../relay-line';
import { usePlanStore, type Selection } from '../../sync/plan-store';

const props = defineProps<{ agreement: Agreement; selection: Selection | null }>();
defineEmits<{ choose: [radioId: string, channelId: string] }>();
const store = usePlanStore();
const RANK = { broken: 0, doubtful: 1, whole: 2 };
const paths = computed(() => [...props.agreement.channels].sort((a, b) => RANK[a.verdict] - RANK[b.verdict]));
const several = computed(() => store.plan!.radios.order.length > 1);
const nameOf = (one: ChannelVerdict) =>
  store.plan!.codeplugs[one.radioId]?.channels.byId[one.channelId]?.name ?? one.channelId;
const { words, shown } = useNarrowed(
  () => paths.value,
  (one) => `${nameOf(one)} ${one.place} ${one.verdict}`,
);
</script>

<template>
  <section aria-label="Paths" class="paths">
    <NarrowField v-model="words" what="paths" :count="paths.length" :shown="shown.length" />
    <table class="plain">
      <thead>
        <tr>
          <th scope="col">Channel</th>
          <th scope="col">Path</th>
          <th scope="col">Verdict</th>
        </tr>
      </thead>
      <VirtualRows
        v-slot="{ row: one, at }"
        :rows="shown"
        :key-of="({ radioId, channelId }) => `${radioId}/${channelId}`"
        :height="31"
      >
        <tr
          :data-index="at"
          :class="{ here: selection?.channelId === one.channelId && selection?.radioId === one.radioId }"
        >
          <td>
            <button type="button" class="name" @click="$emit('choose', one.radioId, one.channelId)">
              {{ nameOf(one) }}
            </button>
            <span v-if="several" class="soft">{{ store.plan!.radios.byId[one.radioId]?.name }}</span>
          </td>
          <td><RelayStrip :verdict="one.verdict" :at="one.at" :reply-only="one.replyOnly" /></td>
          <td :class="`is-${one.verdict}`">{{ one.replyOnly ? 'reply ' : '' }}{{ one.verdict }}</td>
        </tr>
      </VirtualRows>
    </table>
  </section>
</template>

<style scoped>
.name {
  padding: 0;
  color: inherit;
  background: none;
  border: 0;
  font: inherit;
  font-weight: 600;
  text-align: left;
  cursor: pointer;
}

.name:hover {
  text-decoration: underline;
}

.here {
  background: var(--yellow-pale);
}
</style>
