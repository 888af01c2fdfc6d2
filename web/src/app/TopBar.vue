<script setup lang="ts">
import { computed } from 'vue';
import { usePlanStore } from '../sync/plan-store';

defineProps<{ planId: string }>();
const emit = defineEmits<{ find: [] }>();
const store = usePlanStore();

const SAVE_WORDS = { saved: 'Saved', saving: 'Saving', waiting: 'Not saved yet', refused: 'Refused' } as const;
const saveWords = computed(() => {
  if (!store.isKept) return 'Only in this window';
  if (store.saveState === 'waiting' && store.saveDetail.endsWith('database')) return 'Waiting for the database';
  return SAVE_WORDS[store.saveState];
});
const saveDetail = computed(() =>
  store.isKept
    ? store.saveDetail
    : `${store.saveDetail} This browser has no room to keep what waits: leave this window open until it is saved.`.trim(),
);
const tally = computed(() => store.verdicts?.tally ?? null);
</script>

<template>
  <header class="top no-print">
    <router-link :to="{ name: 'plans' }" class="brand" aria-label="Yellow Relay, all plans">
      <svg width="34" height="12" viewBox="0 0 34 12" aria-hidden="true">
        <path d="M0 6h34" stroke="var(--yellow)" stroke-width="5" />
        <circle cx="17" cy="6" r="5" fill="var(--ink)" />
      </svg>
      <strong>Yellow Relay</strong>
    </router-link>
    <span class="plan soft">{{ store.plan?.name }}</span>
    <router-link
      v-if="tally"
      :to="{ name: 'agreement', params: { planId } }"
      class="tally"
      aria-live="polite"
      data-testid="tally"
    >
      <span class="what">Paths:</span>
      <span
        ><b>{{ tally.whole }}</b> whole</span
      >
      <span :class="{ 'is-doubtful': tally.doubtful > 0 }"
        ><b>{{ tally.doubtful }}</b> doubtful</span
      >
      <span :class="{ 'is-broken': tally.broken > 0 }"
        ><b>{{ tally.broken }}</b> broken</span
      >
    </router-link>
    <button type="button" class="find" @click="emit('find')">
      <span>Find a channel, group, check, action</span><kbd class="mono">Ctrl K</kbd>
    </button>
    <el-button
      class="undo"
      :disabled="!store.undoLabel"
      :title="store.undoLabel ? `Undo: ${store.undoLabel} (Ctrl+Z)` : 'Nothing to undo'"
      data-testid="undo"
      @click="store.undo()"
      >Undo{{ store.undoLabel ? `: ${store.undoLabel}` : '' }}</el-button
    >
    <el-button
      class="redo"
      :disabled="!store.redoLabel"
      :title="store.redoLabel ? `Redo: ${store.redoLabel} (Ctrl+Shift+Z)` : 'Nothing to redo'"
      @click="store.redo()"
      >Redo</el-button
    >
    <span
      class="save"
      :class="{
        'is-doubtful': store.saveState === 'waiting' && store.isKept,
        'is-broken': store.saveState === 'refused' || !store.isKept,
      }"
      role="status"
      :title="saveDetail"
      data-testid="save-state"
      >{{ saveWords }}</span
    >
  </header>
</template>

<style scoped>
.top {
  display: flex;
  gap: 14px;
  align-items: center;
  padding: 0 18px 0 14px;
  border-bottom: 1px solid var(--hairline);
}

.brand {
  display: flex;
  gap: 8px;
  align-items: center;
  color: var(--ink);
  font-size: 15px;
  text-decoration: none;
}

.plan {
  max-width: 190px;
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}

.tally {
  display: flex;
  gap: 14px;
  color: var(--ink);
  text-decoration: none;
  white-space: nowrap;
}

.find {
  display: flex;
  flex: 1;
  justify-content: space-between;
  min-width: 120px;
  max-width: 340px;
  height: 32px;
  margin-left: auto;
  padding: 0 10px;
  align-items: center;
  overflow: hidden;
  color: var(--ink-soft);
  background: var(--raised);
  border: 1px solid var(--hairline);
  border-radius: 3px;
  font: inherit;
  white-space: nowrap;
  cursor: text;
}

.find kbd {
  padding-left: 8px;
  background: var(--raised);
}

.undo {
  max-width: 210px;
  overflow: hidden;
}

.undo :deep(span) {
  display: block;
  overflow: hidden;
  text-overflow: ellipsis;
}

.redo {
  margin-left: -6px;
}

.save {
  min-width: 84px;
  color: var(--ink-soft);
}

@media (max-width: 1100px) {
  .plan {
    max-width: 110px;
  }

  .undo {
    max-width: 120px;
  }
}

/* Two lines: whose plan it is and how it stands; what is found, undone and saved. */
@media (max-width: 900px) {
  .top {
    flex-wrap: wrap;
    gap: 4px 10px;
    padding: 6px 8px;
  }

  .brand strong,
  .what,
  .find kbd {
    display: none;
  }

  .plan {
    flex: 1 1 84px;
    min-width: 84px;
    max-width: none;
  }

  .find {
    flex: 1 1 110px;
    min-width: 110px;
    margin-left: 0;
  }

  .undo {
    max-width: 96px;
  }

  .redo {
    margin-left: 0;
  }

  .save {
    min-width: 0;
  }
}
</style>
