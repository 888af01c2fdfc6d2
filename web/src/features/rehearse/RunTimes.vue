<script setup lang="ts">
/** How long things take in a rehearsal: what is usual, and what somebody knows better. */
import { MOST_TIME_MS, type RehearsalTimes, USUAL_TIMES } from '@relay/core/plan/rehearsal-times';
import { TextField } from '../../fields';
import { saysNothing, takeNumber } from '../../fields/field';
import { usePlanStore } from '../../sync/plan-store';

const open = defineModel<boolean>({ required: true });
const store = usePlanStore();

type Key = keyof RehearsalTimes;
const LABELS: Readonly<Record<Key, string>> = {
  dwellMs: 'A hotspot looks for one mode',
  syncMs: 'It knows a signal after',
  hangMs: 'It stays in a mode, where not said',
  startMs: 'From power to work',
  connectMs: 'From asking for a link to its answer',
  attemptMs: 'It asks for one that does not answer',
  profileMs: 'It is away while its profile changes',
  holdMs: 'A repeater keeps a slot for its group',
  announceMs: 'A spoken announcement',
  echoAfterMs: 'From an over to its echo',
  codeMs: 'A radio sends a stored tone code',
  cutDamages: 'A power cut damages the card',
};
const KEYS = Object.keys(LABELS) as Key[];

/** Times are shown in seconds, the chance in percent. */
const scaleOf = (key: Key) => (key === 'cutDamages' ? 0.01 : 1000);
const shown = (key: Key, value: number | undefined) => (value === undefined ? '' : String(value / scaleOf(key)));
const leastOf = (key: Key) => (key === 'dwellMs' ? 0.01 : 0);
const mostOf = (key: Key) => (key === 'cutDamages' ? 100 : MOST_TIME_MS / 1000);

const take = (key: Key) => (text: string) => {
  const put = (value: number | undefined) =>
    store.edit(`rehearsal: ${LABELS[key].toLowerCase()}`, ({ rehearsalTimes }) => {
      if (value === undefined) delete rehearsalTimes[key];
      else rehearsalTimes[key] = value;
    });
  if (!saysNothing(text))
    return takeNumber(text, leastOf(key), mostOf(key), (value) =>
      put(key === 'cutDamages' ? value / 100 : Math.round(value * 1000)),
    );
  put(undefined);
  return null;
};
</script>

<template>
  <el-drawer v-model="open" size="min(520px, 100%)" title="How long things take">
    <div class="parts">
      <p>
        Shown in grey is what is usual, from memory or common practice. What you have measured is kept with the plan.
        Hang times are a hotspot’s own. Complaints and exercises keep to what is usual.
      </p>
      <TextField
        v-for="key in KEYS"
        :key="key"
        :label="LABELS[key]"
        :value="shown(key, store.plan!.rehearsalTimes[key])"
        :take="take(key)"
        :placeholder="shown(key, USUAL_TIMES[key])"
        mono
        :unit="key === 'cutDamages' ? '%' : 's'"
      />
    </div>
  </el-drawer>
</template>

<style scoped>
.parts {
  display: grid;
  gap: 10px;
}
</style>
