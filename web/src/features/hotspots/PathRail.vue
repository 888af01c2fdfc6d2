<script setup lang="ts">
/** Every path through a hotspot, one line high, as it is under the profile that is looked at. */
import { computed } from 'vue';
import type { ProfileMatrix } from '@relay/core/agreement/profile-matrix';
import { RelayStrip } from '../../relay-line';
import { VirtualRows } from '../../fields';
import { usePlanStore } from '../../sync/plan-store';

const props = defineProps<{ matrix: ProfileMatrix | null; profileId: string }>();
const store = usePlanStore();
const at = computed(() => props.matrix?.profiles.findIndex((one) => one.id === props.profileId) ?? -1);
const profile = computed(() => props.matrix?.profiles[at.value] ?? null);
const RANK = { broken: 0, doubtful: 1, whole: 2 };
const rows = computed(() =>
  at.value < 0
    ? []
    : props
        .matrix!.rows.map((row) => ({ ...row, strip: row.strips[at.value]! }))
        .sort((a, b) => RANK[a.strip.verdict] - RANK[b.strip.verdict]),
);
const isHere = (radioId: string, channelId: string) =>
  store.selection?.radioId === radioId && store.selection.channelId === channelId;
const radioName = (id: string) =>
  store.plan!.radios.order.length > 1 ? (store.plan!.radios.byId[id]?.name ?? '') : '';
</script>

<template>
  <section class="rail" aria-labelledby="paths-through" data-testid="path-rail">
    <h2 id="paths-through">Paths through it</h2>
    <p v-if="!matrix || !profile" class="soft" role="status">Tracing…</p>
    <p v-else-if="matrix.rows.length === 0" class="soft">
      No channel goes through this hotspot yet. Choose under Wants what you want to reach, and build.
    </p>
    <template v-else>
      <p class="tally" aria-live="polite">
        <span :class="{ soft: !profile.tally.whole }"
          ><b>{{ profile.tally.whole }}</b> whole</span
        >
        <span :class="profile.tally.doubtful ? 'is-doubtful' : 'soft'"
          ><b>{{ profile.tally.doubtful }}</b> doubtful</span
        >
        <span :class="profile.tally.broken ? 'is-broken' : 'soft'"
          ><b>{{ profile.tally.broken }}</b> broken</span
        >
      </p>
      <div class="scroll">
        <VirtualRows
          v-slot="{ row, at: place }"
          as="ul"
          :rows="rows"
          :key-of="(one) => `${one.radioId}/${one.channelId}`"
          :height="38"
        >
          <li :data-index="place" :class="{ here: isHere(row.radioId, row.channelId) }">
            <button
              type="button"
              :title="row.name"
              @click="store.selection = { radioId: row.radioId, channelId: row.channelId }"
            >
              <span class="name">{{ row.name }}</span>
              <span class="soft">{{ radioName(row.radioId) }}</span>
            </button>
            <RelayStrip v-bind="row.strip" />
          </li>
        </VirtualRows>
      </div>
    </template>
  </section>
</template>

<style scoped>
.rail {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 8px;
  align-content: start;
}

.tally {
  display: flex;
  gap: 14px;
}

.scroll {
  max-height: calc(100vh - 290px);
  overflow: auto;
}

ul {
  margin: 0;
  padding: 0;
  list-style: none;
}

li {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: 8px;
  align-items: center;
  height: 38px;
  padding: 0 6px;
  border-bottom: 1px solid var(--hairline);
}

.here {
  background: var(--yellow-pale);
}

button {
  display: grid;
  min-width: 0;
  padding: 0;
  color: inherit;
  background: none;
  border: 0;
  font: inherit;
  line-height: 1.25;
  text-align: left;
  cursor: pointer;
}

.name {
  overflow: hidden;
  font-weight: 600;
  text-overflow: ellipsis;
  white-space: nowrap;
}

button:hover .name {
  text-decoration: underline;
}

button .soft {
  font-size: 12px;
}

@media (max-width: 1000px) {
  .scroll {
    max-height: none;
  }
}
</style>
