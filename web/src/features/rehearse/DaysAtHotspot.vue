<script setup lang="ts">
/** Days at a hotspot, from runs: what one is kept from, what is missed, and which hang times do best. */
import { computed, onBeforeUnmount, ref, shallowRef, toRaw, watch } from 'vue';
import { useRouter } from 'vue-router';
import type { Judgement } from '@relay/core/rehearse/judge';
import { proxy } from 'comlink';
import { OWN_DAY, PATTERNS, type PatternId, placesThrough } from '@relay/core/rehearse/traffic';
import { span } from '@relay/core/rehearse/words';
import { setHang } from '@relay/core/plan/hang';
import { hotspotsOf } from '@relay/core/plan/sites';
import { editProfile } from '@relay/core/plan/profiles';
import { MODES } from '@relay/core/registries/modes';
import { EmptyState } from '../../fields';
import { usePlanStore } from '../../sync/plan-store';
import { startRehearser } from '../../worker/checker';
import HangChart from './HangChart.vue';
import HoursGrid from './HoursGrid.vue';
import type { Row } from './hours';

defineProps<{ planId: string }>();
const router = useRouter();
const store = usePlanStore();
const hotspots = computed(() => hotspotsOf(store.plan!));
const chosenId = ref('');
const site = computed(() => hotspots.value.find(({ id }) => id === chosenId.value) ?? hotspots.value[0]);
const places = computed(() => (site.value ? placesThrough(toRaw(store.plan!), MODES, site.value.id) : []));

const pattern = ref<PatternId | 'drawn'>('evening');
const rows = ref<Row[]>([]);
function take(id: PatternId): void {
  rows.value = places.value.map(({ key, name }, at) => ({ key, name, hours: PATTERNS[id].hours(at) }));
}
watch([places, pattern], () => pattern.value !== 'drawn' && take(pattern.value), { immediate: true });
function setHour(key: string, hour: number, share: number): void {
  pattern.value = 'drawn';
  rows.value = rows.value.map((row) =>
    row.key === key ? { ...row, hours: row.hours.map((one, at) => (at === hour ? share : one)) } : row,
  );
}

const DAYS = 5;
const judgement = shallowRef<Judgement | null>(null);
const progress = ref<{ done: number; of: number } | null>(null);
const problem = ref('');
let worker: ReturnType<typeof startRehearser> | null = null;
function stop(): void {
  worker?.end();
  worker = null;
  progress.value = null;
}
onBeforeUnmount(stop);
// What was found is of what was asked.
watch([rows, site, () => store.plan], () => {
  stop();
  judgement.value = null;
});

async function run(): Promise<void> {
  stop();
  problem.value = '';
  const mine = (worker = startRehearser());
  progress.value = { done: 0, of: 1 };
  try {
    const hours = rows.value.map(({ key, hours: of }) => [key, [...of]] as const);
    const onDay = proxy((done: number, of: number) => void (mine === worker && (progress.value = { done, of })));
    const found = await mine.rehearser.judge(toRaw(store.plan!), site.value!.id, hours, DAYS, onDay);
    if (mine === worker) judgement.value = found;
  } catch (error) {
    if (mine === worker) problem.value = `The days could not be rehearsed: ${(error as Error).message}`;
  }
  if (mine === worker) stop();
}

const n = (value: number) => (value < 10 ? value.toFixed(1) : value.toFixed(0));
const percent = (part: number) => `${(part * 100).toFixed(1)} %`;
const airtime = computed(() => {
  const { all, slot1, slot2 } = judgement.value!.now.airtime;
  return [
    { what: 'in modes without slots', part: all },
    { what: 'on DMR slot 1', part: slot1 },
    { what: 'on DMR slot 2', part: slot2 },
  ].filter(({ part }) => part > 0);
});
const range = computed(() => {
  const best = judgement.value?.best;
  return best ? (best.fromS === best.toS ? `${best.fromS} s` : `${best.fromS} to ${best.toS} s`) : '';
});
const setS = computed(() => judgement.value?.best.toS ?? 0);
function set(): void {
  const { id, name } = site.value!;
  store.edit(`hang time of ${name}: ${setS.value} s`, (plan) => editProfile(plan, id, (of) => setHang(of, setS.value)));
  store.notice = `${name} stays ${setS.value} s in a mode after an over; undo takes that back.`;
}
</script>

<template>
  <EmptyState v-if="!site || places.length === 0" title="Nothing to rehearse a day with yet">
    <p>
      Here whole days at a hotspot are rehearsed: how often another mode keeps you out, what is missed, and which hang
      time does best. That takes a hotspot, and channels that talk through it.
    </p>
    <template #acts>
      <el-button type="primary" @click="router.push({ name: site ? 'wants' : 'hotspots', params: { planId } })">{{
        site ? 'Wants' : 'Hotspots'
      }}</el-button>
    </template>
  </EmptyState>
  <div v-else class="days">
    <div class="bar">
      <label v-if="hotspots.length > 1">
        Hotspot
        <el-select
          :model-value="site.id"
          class="pick"
          :persistent="false"
          aria-label="Hotspot"
          @update:model-value="chosenId = $event"
        >
          <el-option v-for="one in hotspots" :key="one.id" :value="one.id" :label="one.name" />
        </el-select>
      </label>
      <strong v-else>{{ site.name }}</strong>
      <el-radio-group v-model="pattern" aria-label="How busy the far ends are">
        <el-radio-button v-for="(one, id) in PATTERNS" :key="id" :value="id">{{ one.name }}</el-radio-button>
        <el-radio-button v-if="pattern === 'drawn'" value="drawn">Drawn</el-radio-button>
      </el-radio-group>
      <el-button type="primary" :disabled="progress !== null" @click="run">Rehearse {{ DAYS }} days</el-button>
      <template v-if="progress">
        <progress :value="progress.done" :max="progress.of" aria-label="Days rehearsed" />
        <span role="status" class="soft">Day {{ progress.done + 1 }} of {{ progress.of }}</span>
        <el-button @click="stop">Stop</el-button>
      </template>
    </div>
    <p v-if="problem" class="is-broken" role="alert">{{ problem }}</p>
    <section v-if="judgement" class="found" aria-label="What was found">
      <div>
        <h2>{{ range }} of hang time does best</h2>
        <p v-if="judgement.modes.length < 2" class="soft">
          The hotspot listens for one mode: no other can capture it, and the hang time matters little.
        </p>
        <HangChart :judgement="judgement" />
      </div>
      <div>
        <h2>As it is set now, a day</h2>
        <dl>
          <dt>Conversations of yours</dt>
          <dd>{{ n(judgement.now.conversations) }}</dd>
          <dt>Kept out by another mode or over</dt>
          <dd>
            {{ n(judgement.now.keptOut)
            }}<template v-if="judgement.now.keptOut">, for {{ span(judgement.now.keptOutMs) }} on average</template>
          </dd>
          <dt>Captured between two overs</dt>
          <dd>{{ n(judgement.now.captures) }}</dd>
          <dt>Calls cut while it looked for the mode</dt>
          <dd>{{ n(judgement.now.lateAtWakeUp) }}, missed whole {{ n(judgement.now.missedAtWakeUp) }}</dd>
          <dt>Replies cut, since it had left the mode</dt>
          <dd>{{ n(judgement.now.cutReplies) }}</dd>
          <dt>Free for any mode after you are done</dt>
          <dd>{{ span(judgement.now.leaveMs) }} on average</dd>
          <template v-for="one in airtime" :key="one.what">
            <dt>It sends {{ one.what }}</dt>
            <dd>{{ percent(one.part) }} of the day</dd>
          </template>
        </dl>
        <p>
          <el-button @click="set">Set {{ setS }} s</el-button>
        </p>
        <p class="soft">
          From {{ judgement.days }} days of 24 h for each hang time, the same people saying the same.
          {{ OWN_DAY.conversations }} conversations a day between {{ OWN_DAY.fromHour }} and {{ OWN_DAY.toHour }} h, and
          how soon people answer, are assumed (from memory).
        </p>
      </div>
    </section>
    <p v-else class="soft">
      How busy is it where this plan talks? Begin with a pattern, or draw: press a cell or drag; with keys, arrows move
      and 0 to 4 set. Then {{ DAYS }} days are rehearsed with each of several hang times.
    </p>
    <HoursGrid :rows="rows" @set="setHour" />
  </div>
</template>

<style scoped>
.days {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 12px;
  padding: 0 20px 24px;
}

.bar {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 14px;
  align-items: center;
}

.pick {
  width: 180px;
}

.found {
  display: grid;
  grid-template-columns: minmax(0, 3fr) minmax(300px, 2fr);
  gap: 12px 32px;
}

h2 {
  margin: 0 0 6px;
  font-size: 15px;
}

p {
  margin: 6px 0 0;
}

dl {
  display: grid;
  grid-template-columns: minmax(0, 1fr) max-content;
  gap: 4px 14px;
  margin: 0;
}

dd {
  margin: 0;
  text-align: right;
}

progress {
  width: 140px;
  accent-color: var(--ink);
}

@media (max-width: 900px) {
  .days {
    padding: 0 12px 20px;
  }

  .found {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
