<script setup lang="ts">
/** Radios of a plan that are keyed by hand, with others talking beside: the key, the clock, and the run to be read. */
import { computed, onBeforeUnmount, onMounted, ref, watch } from 'vue';
import type { World } from '@relay/core/path/world';
import { rows } from '@relay/core/plan/table';
import type { Plan } from '@relay/core/plan/types';
import type { Cast, Happening } from '@relay/core/rehearse/types';
import { MODES, planIndex } from '@relay/core/registries/modes';
import { placesThrough } from '@relay/core/rehearse/traffic';
import { clock, type Telling } from '@relay/core/rehearse/words';
import RunReading from './RunReading.vue';
import { type Pace, useLiveRun } from './use-live-run';

const props = defineProps<{
  plan: Plan;
  /** Who talks at the far ends; without, one adds people oneself. */
  cast?: Cast;
  seed?: number;
  /** What is true of sites at the beginning, beside what their settings say. */
  world?: World['sites'];
  /** The radio that is chosen first. */
  radio?: string;
}>();
const emit = defineEmits<{ happened: [happened: readonly Happening[]]; anew: [] }>();
const today = () => new Date().toISOString().slice(0, 10);
const { run, pace, nowMs, version, talkers, step, begin, add, act } = useLiveRun(() => ({
  plan: props.plan,
  today: today(),
  cast: props.cast,
  seed: props.seed,
  world: props.world,
}));
watch(() => props.plan, begin);
function anew(): void {
  emit('anew');
  begin();
}

const radios = computed(() =>
  rows(props.plan.radios).filter(({ id }) => props.plan.codeplugs[id]!.channels.order.length > 0),
);
const radioId = ref(radios.value.find(({ id }) => id === props.radio)?.id ?? radios.value[0]?.id ?? '');
const channels = computed(() => (radioId.value ? rows(props.plan.codeplugs[radioId.value]!.channels) : []));
const channelOf = ref<Record<string, string>>({});
const channelId = computed({
  get: () => channelOf.value[radioId.value] ?? channels.value[0]?.id ?? '',
  set: (id) => {
    channelOf.value = { ...channelOf.value, [radioId.value]: id };
    act({ kind: 'choose', radioId: radioId.value, channelId: id, atMs: nowMs.value });
  },
});

const callSigns = computed(
  () => new Map([...(props.cast?.talkers ?? []), ...talkers.value].map((one) => [one.id, one.callSign])),
);
const telling = computed<Telling>(() => ({
  index: planIndex(props.plan),
  modes: MODES,
  callSigns: callSigns.value,
  overs: run.value.overs,
}));
/** Drawn anew only where something happened: the clock alone changes no lane. */
const count = computed(() => (version.value >= 0 ? run.value.happened.length + run.value.moments.length : 0));
const read = computed(() => ({
  count: count.value,
  happened: [...run.value.happened],
  moments: [...run.value.moments],
}));

watch(count, () => emit('happened', run.value.happened));

const keyed = ref<string | null>(null);
function press(): void {
  if (keyed.value || !channelId.value) return;
  if (pace.value === 0) pace.value = 1;
  keyed.value = radioId.value;
  act({ kind: 'key down', radioId: radioId.value, channelId: channelId.value, atMs: nowMs.value });
}
function letGo(): void {
  if (!keyed.value) return;
  act({ kind: 'key up', radioId: keyed.value, atMs: nowMs.value });
  keyed.value = null;
}
const sending = computed(() => version.value >= 0 && run.value.radio(radioId.value)?.sending != null);
watch(radioId, letGo);

/** The space bar is the key, unless it is somebody else’s: a field that is typed in, a list, another button. */
function isOurs(event: KeyboardEvent): boolean {
  const { target } = event;
  if (event.code !== 'Space' || event.ctrlKey || event.metaKey || event.altKey) return false;
  if (!(target instanceof HTMLElement) || target.dataset['key'] !== undefined) return true;
  return target.closest('input, textarea, select, button, a, [role=combobox], [role=option], [role=dialog]') === null;
}
function onKeyDown(event: KeyboardEvent): void {
  if (!isOurs(event)) return;
  event.preventDefault();
  if (!event.repeat) press();
}
function onKeyUp(event: KeyboardEvent): void {
  if (event.code !== 'Space' || !keyed.value) return;
  event.preventDefault();
  letGo();
}
onMounted(() => {
  document.addEventListener('keydown', onKeyDown);
  document.addEventListener('keyup', onKeyUp);
  // A window that loses the focus gets no key-up.
  window.addEventListener('blur', letGo);
});
onBeforeUnmount(() => {
  document.removeEventListener('keydown', onKeyDown);
  document.removeEventListener('keyup', onKeyUp);
  window.removeEventListener('blur', letGo);
});

/** Tone codes that the radio keeps, for the mode of its channel. */
const codes = computed(() => {
  const codeplug = props.plan.codeplugs[radioId.value];
  const mode = channels.value.find(({ id }) => id === channelId.value)?.mode;
  return codeplug && mode ? rows(MODES[mode].recall?.codes?.of(codeplug) ?? { byId: {}, order: [] }) : [];
});
function sendCode(codeId: string): void {
  if (pace.value === 0) pace.value = 1;
  act({ kind: 'choose', radioId: radioId.value, channelId: channelId.value, atMs: nowMs.value });
  act({ kind: 'send code', radioId: radioId.value, codeId, atMs: nowMs.value });
}

/** Where somebody at the far end can talk. */
const places = computed(() =>
  placesThrough(props.plan, MODES, null).map((one) => ({ ...one, name: `${MODES[one.place.mode].name}: ${one.name}` })),
);
const PATTERNS = [
  { id: 'quiet', name: 'now and then', overMs: 8_000, gapMs: 45_000 },
  { id: 'talk', name: 'a conversation', overMs: 14_000, gapMs: 3_000 },
  { id: 'busy', name: 'without a pause', overMs: 30_000, gapMs: 1_000 },
] as const;
const pattern = ref<(typeof PATTERNS)[number]['id']>('talk');
function addTalker(key: string): void {
  const place = places.value.find((one) => one.key === key);
  const { overMs, gapMs } = PATTERNS.find((one) => one.id === pattern.value)!;
  const n = talkers.value.length + 1;
  if (place)
    add({
      id: `talker-${n}`,
      callSign: `Far end ${n}`,
      at: place.destination,
      fromMs: nowMs.value,
      toMs: Infinity,
      overMs,
      gapMs,
      varies: 0.4,
    });
}
const setPace = (value: string | number | boolean | undefined) => (pace.value = Number(value) as Pace);
</script>

<template>
  <div class="live">
    <div class="bar">
      <label>
        Radio
        <el-select v-model="radioId" class="pick" :persistent="false" aria-label="Radio">
          <el-option v-for="one in radios" :key="one.id" :value="one.id" :label="one.name" />
        </el-select>
      </label>
      <label>
        Channel
        <el-select v-model="channelId" class="pick pick--wide" :persistent="false" aria-label="Channel" filterable>
          <el-option
            v-for="one in channels"
            :key="one.id"
            :value="one.id"
            :label="`${one.name} · ${MODES[one.mode].name}`"
          />
        </el-select>
      </label>
      <el-button
        class="key"
        type="primary"
        data-key
        data-testid="key"
        :aria-pressed="keyed !== null"
        @pointerdown.prevent="press"
        @pointerup="letGo"
        @pointerleave="letGo"
        @pointercancel="letGo"
        >{{ sending ? 'Sending' : keyed ? 'Held back' : 'Hold to send' }}</el-button
      >
      <el-select
        v-if="codes.length"
        class="pick"
        :persistent="false"
        :model-value="''"
        placeholder="send a code"
        aria-label="Send a stored code"
        @update:model-value="sendCode"
      >
        <el-option v-for="one in codes" :key="one.id" :value="one.id" :label="`${one.name} · ${one.code}`" />
      </el-select>
      <span v-else class="soft hint">or the space bar</span>
      <span class="clock mono" data-testid="clock">{{ clock(nowMs) }}</span>
    </div>
    <div class="bar">
      <template v-if="!cast">
        <label>
          Somebody talks on
          <el-select
            class="pick pick--wide"
            :persistent="false"
            :model-value="''"
            placeholder="choose where"
            aria-label="Somebody talks on"
            @update:model-value="addTalker"
          >
            <el-option v-for="one in places" :key="one.key" :value="one.key" :label="one.name" />
          </el-select>
        </label>
        <el-select v-model="pattern" class="pick" :persistent="false" aria-label="How much they talk">
          <el-option v-for="one in PATTERNS" :key="one.id" :value="one.id" :label="one.name" />
        </el-select>
        <span v-if="talkers.length" class="soft" role="status"
          >{{ talkers.length === 1 ? 'one talks' : `${talkers.length} talk` }} at the far ends</span
        >
      </template>
      <slot />
      <span class="pair">
        <el-radio-group :model-value="pace" aria-label="Pace" @update:model-value="setPace">
          <el-radio-button :value="0">Pause</el-radio-button>
          <el-radio-button :value="1">1×</el-radio-button>
          <el-radio-button :value="10">10×</el-radio-button>
        </el-radio-group>
        <el-button @click="step">Step</el-button>
        <el-button @click="anew">Begin anew</el-button>
      </span>
    </div>
    <p v-if="read.happened.length === 0" class="soft">
      Nothing has happened yet. Hold the key for about two seconds: a hotspot that looks for several modes needs as long
      to find a signal. Nothing goes on the air.
    </p>
    <RunReading
      :happened="read.happened"
      :moments="read.moments"
      :telling="telling"
      :until-ms="nowMs"
      goes-on
      label="The rehearsal in time"
    />
  </div>
</template>

<style scoped>
.live {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 10px;
}

.bar {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 12px;
  align-items: center;
}

.bar label {
  display: flex;
  gap: 8px;
  align-items: center;
}

.pick {
  width: 150px;
}

.pick--wide {
  width: 200px;
}

.key {
  min-width: 118px;
  touch-action: none;
}

.pair {
  display: flex;
  margin-left: auto;
  gap: 8px;
}

.pair .el-button + .el-button {
  margin-left: 0;
}

.clock {
  margin-left: auto;
  font-family: var(--mono);
  font-size: 16px;
}

@media (max-width: 700px) {
  .hint {
    display: none;
  }
}
</style>
