<script setup lang="ts">
/** What is pressed on a radio that is programmed by hand, memory by memory, to tick off. */
import { computed, onBeforeUnmount, ref, shallowRef, toRaw, watch } from 'vue';
import { useRouter } from 'vue-router';
import { HOLDINGS, type Holding, keptBy } from '@relay/core/keying/radio-sheet';
import type { KeyingSheet, SheetEntry } from '@relay/core/keying/sheet';
import { markWritten } from '@relay/core/compare/written';
import { rows } from '@relay/core/plan/table';
import { MODES } from '@relay/core/registries/modes';
import { ChoiceField, EmptyState, PageHead } from '../../fields';
import { usePlanStore } from '../../sync/plan-store';
import { startKeyer } from '../../worker/checker';
import KeyPad from './KeyPad.vue';
import PressRow from './PressRow.vue';
import { doesWords, fieldTitle, stepTitle, storeTitle } from './words';

const props = defineProps<{ planId: string; radioId?: string }>();
const router = useRouter();
const store = usePlanStore();
const radios = computed(() => rows(store.plan!.radios));
const radio = computed(
  () =>
    store.plan!.radios.byId[props.radioId ?? ''] ??
    radios.value.find(({ keying }) => keying !== null) ??
    radios.value[0],
);
const codeplug = computed(() => store.plan!.codeplugs[radio.value?.id ?? '']);
const writtenAt = computed(() => store.plan!.written[radio.value?.id ?? '']?.at.slice(0, 10) ?? null);
const holding = ref<Holding>('not known');
watch([() => radio.value?.id, writtenAt], () => (holding.value = writtenAt.value ? 'written' : 'not known'), {
  immediate: true,
});

const sheet = shallowRef<KeyingSheet | null>(null);
const problem = ref('');
const busy = ref(false);
const played = ref(0);
let worker: ReturnType<typeof startKeyer> | null = null;

function stop(): void {
  worker?.end();
  worker = null;
  busy.value = false;
}
onBeforeUnmount(stop);

/** What a sheet hangs on: ticks change none of it. */
const parts = computed(() => {
  const { radios: all, codeplugs, written } = store.plan!;
  const id = radio.value?.id ?? '';
  return [all.byId[id]?.keying, codeplugs[id], written[id], holding.value] as const;
});
watch(
  parts,
  async (now, before) => {
    if (before && now.every((one, at) => one === before[at])) return;
    stop();
    problem.value = '';
    if (!radio.value?.keying) return void (sheet.value = null);
    const mine = (worker = startKeyer());
    busy.value = true;
    try {
      const made = await mine.keyer.sheet(toRaw(store.plan!), radio.value.id, holding.value);
      if (mine !== worker) return;
      sheet.value = typeof made === 'string' ? null : made;
      problem.value = typeof made === 'string' ? made : '';
    } catch (error) {
      problem.value = `It could not be worked out: ${(error as Error).message}`;
    }
    stop();
  },
  { immediate: true },
);
const held = computed(() => (radio.value ? keptBy(store.plan!, MODES, radio.value.id, holding.value).held : null));

/** A tick counts for these presses: where they change, it is gone. */
function tickId({ stores, number, steps }: SheetEntry): string {
  const text = JSON.stringify(steps.map(({ sets, value }) => [sets, value]));
  let sum = 0;
  for (const letter of text) sum = (sum * 31 + letter.codePointAt(0)!) % 0x7fffffff;
  return `keys.${radio.value!.id}.${stores.replace('/', '.')}.${number}.${sum.toString(36)}`;
}
const isDone = (entry: SheetEntry) => tickId(entry) in store.plan!.done;
const done = computed(() => (sheet.value?.entries ?? []).filter(isDone).length);

function tick(entry: SheetEntry, on: boolean): void {
  const today = new Date().toISOString().slice(0, 10);
  store.edit(`${on ? 'keyed in' : 'not keyed in'}: ${entry.name}`, (draft) => {
    if (on) draft.done[tickId(entry)] = { on: today, note: '' };
    else delete draft.done[tickId(entry)];
  });
}

function allIn(): void {
  const { id, name } = radio.value!;
  store.edit(`${name} was keyed in`, (draft) => {
    markWritten(draft, id, new Date().toISOString());
    for (const key of Object.keys(draft.done)) if (key.startsWith(`keys.${id}.`)) delete draft.done[key];
  });
  store.notice = `${name} holds what is planned; undo takes that back.`;
}

const NONE = '-';
const channelOptions = computed(() => [
  { value: NONE, label: 'none' },
  ...(codeplug.value ? rows(codeplug.value.channels).map(({ id, name }) => ({ value: id, label: name })) : []),
]);
const routineOf = (stores: string) => radio.value?.keying?.routines.find((one) => one.stores === stores);
/** The names of its quick keys, as its description lists them. */
const quickKeys = computed(() => {
  const entry = routineOf('quick')?.fields.find(({ sets }) => sets === 'key')?.entry;
  return entry?.kind === 'turn' ? entry.choices.map(({ value }) => value) : [];
});

function setHome(id: string): void {
  store.edit('home channel', (draft) => void (draft.codeplugs[radio.value!.id]!.homeId = id === NONE ? null : id));
}

function setQuick(key: string, id: string): void {
  store.edit(`quick key ${key}`, (draft) => {
    const keys = draft.codeplugs[radio.value!.id]!.quickKeys;
    if (id === NONE) delete keys[key];
    else keys[key] = id;
  });
}

const HOLDING_WORDS: Record<Holding, string> = {
  written: 'what was written last',
  nothing: 'nothing: it was reset',
  'not known': 'nobody knows',
};
const holdings = computed(() =>
  HOLDINGS.filter((one) => one !== 'written' || writtenAt.value).map((value) => ({
    value,
    label: value === 'written' ? `${HOLDING_WORDS.written}, ${writtenAt.value}` : HOLDING_WORDS[value],
  })),
);
/** Number of the first press of each memory. */
const begins = computed(() => {
  let sum = 0;
  return (sheet.value?.entries ?? []).map(({ steps }) =>
    steps.map((step) => {
      const at = sum;
      sum += step.presses.length;
      return at;
    }),
  );
});
const saved = computed(() => (sheet.value ? sheet.value.inOrder - sheet.value.presses : 0));
const count = (n: number, one: string, many: string) => `${n.toLocaleString('en')} ${n === 1 ? one : many}`;
const print = () => window.print();
</script>

<template>
  <PageHead
    title="Keying sheet"
    :detail="sheet ? `${radio!.name} · ${count(sheet.presses, 'press', 'presses')}` : (radio?.name ?? '')"
  >
    <el-select
      v-if="radio"
      class="no-print which"
      :persistent="false"
      :model-value="radio.id"
      aria-label="Radio"
      @update:model-value="router.push({ name: 'keying', params: { planId, radioId: $event } })"
    >
      <el-option v-for="one in radios" :key="one.id" :value="one.id" :label="one.name" />
    </el-select>
    <el-button v-if="radio" @click="router.push({ name: 'teach-keys', params: { planId, radioId: radio.id } })"
      >Its keys</el-button
    >
    <el-button type="primary" :disabled="!sheet?.entries.length" @click="print">Print the sheet</el-button>
  </PageHead>
  <EmptyState v-if="!radio" title="No radio yet">
    <p>A keying sheet says what is pressed on a radio that is programmed by hand.</p>
    <template #acts
      ><el-button type="primary" @click="router.push({ name: 'radios', params: { planId } })"
        >Radios</el-button
      ></template
    >
  </EmptyState>
  <EmptyState v-else-if="!radio.keying" :title="`Nobody has said how ${radio.name} is keyed`">
    <p>
      Once its key sequences are taught, this page lists every press that brings its codeplug in, in the order that
      takes the fewest, with what the display shows after each.
    </p>
    <template #acts
      ><el-button type="primary" @click="router.push({ name: 'teach-keys', params: { planId, radioId: radio.id } })"
        >Teach its keys</el-button
      ></template
    >
  </EmptyState>
  <div v-else class="body">
    <div class="column" :aria-busy="busy">
      <p v-if="problem" class="is-broken" role="alert">
        {{ problem }}
        <router-link :to="{ name: 'teach-keys', params: { planId, radioId: radio.id } }">Its keys</router-link>
      </p>
      <p v-else-if="busy && !sheet" class="soft" role="status">The order that takes the fewest presses is sought…</p>
      <template v-if="sheet">
        <p class="summary">
          {{ count(sheet.entries.length, 'memory', 'memories') }} to enter<template v-if="sheet.leftOut"
            >, {{ sheet.leftOut }} already there</template
          >.
          <template v-if="saved > 0"
            >{{ count(saved, 'press', 'presses') }} fewer than in the order of the codeplug.</template
          >
          <template v-if="sheet.entries.length"> {{ done }} of {{ sheet.entries.length }} ticked.</template>
        </p>
        <p v-if="sheet.before" class="trap">{{ sheet.before }}</p>
        <p class="soft">
          Not while driving. Where a press says “until”, it is repeated until that stands on the display.
        </p>
        <div v-if="sheet.skipped.length" class="is-doubtful" role="status">
          Not by these keys:
          <ul>
            <li v-for="one in sheet.skipped" :key="`${one.stores} ${one.name}`">
              {{ one.name }}: {{ one.reason.replace(/^[\w.-]+(?=: )/, (sets) => fieldTitle(one.stores, sets)) }}
            </li>
          </ul>
        </div>
        <p v-if="sheet.notByKeys.length" class="soft">
          No keys are taught for: {{ sheet.notByKeys.map((id) => fieldTitle('channel', id)).join(', ') }}. See that they
          are right in the radio.
        </p>
        <ol class="entries">
          <li
            v-for="(entry, at) in sheet.entries"
            :key="tickId(entry)"
            class="entry"
            :class="{ done: isDone(entry) }"
            data-testid="keyed"
          >
            <label class="head"
              ><input
                type="checkbox"
                :checked="isDone(entry)"
                @change="tick(entry, ($event.target as HTMLInputElement).checked)"
              />
              <strong
                ><span v-if="entry.stores !== 'channel'">{{ storeTitle(entry.stores) }} </span
                ><span class="mono">{{ entry.number }}</span> {{ entry.name }}</strong
              >
              <span class="soft">{{ doesWords(entry) }}</span></label
            >
            <dl class="steps">
              <template v-for="(step, i) in entry.steps" :key="i">
                <dt>
                  {{ stepTitle(entry.stores, step) }} <span v-if="step.value" class="mono value">{{ step.value }}</span>
                </dt>
                <dd>
                  <PressRow :presses="step.presses" :played="played - begins[at]![i]!" />
                  <p v-if="step.trap" class="trap">{{ step.trap }}</p>
                </dd>
              </template>
            </dl>
          </li>
        </ol>
        <EmptyState v-if="sheet.entries.length === 0" title="Nothing to key in">
          <p>{{ radio.name }} holds what is planned, as far as its keys can set it.</p>
        </EmptyState>
        <p v-else class="no-print">
          <el-button :type="done === sheet.entries.length ? 'primary' : ''" @click="allIn"
            >All of it is in the radio</el-button
          >
        </p>
      </template>
    </div>
    <div class="column side no-print">
      <section class="choices" aria-label="What is keyed">
        <ChoiceField label="It holds now" :value="holding" :options="holdings" @choose="holding = $event" />
        <ChoiceField
          v-if="routineOf('home')"
          label="Home channel"
          :value="codeplug!.homeId ?? NONE"
          :options="channelOptions"
          @choose="setHome"
        />
        <ChoiceField
          v-for="key in quickKeys"
          :key="key"
          :label="`Quick key ${key}`"
          :value="codeplug!.quickKeys[key] ?? NONE"
          :options="channelOptions"
          @choose="(id) => setQuick(key, id)"
        />
      </section>
      <KeyPad v-model:played="played" :keying="radio.keying" :held="held" :sheet="sheet" />
    </div>
  </div>
</template>

<style scoped>
.which {
  width: 160px;
}

.body {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 340px;
  gap: 20px 32px;
  align-items: start;
  padding: 4px 20px 32px;
}

.column {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 10px;
  align-content: start;
}

.column p {
  margin: 0;
}

.side {
  position: sticky;
  top: 8px;
  gap: 20px;
}

.choices {
  display: grid;
  gap: 8px;
  --form-label: 110px;
}

.entries {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 10px;
  margin: 0;
  padding: 0;
  list-style: none;
}

.entry {
  padding: 8px 12px;
  background: var(--raised);
  border: 1px solid var(--hairline);
  border-left: 4px solid var(--yellow);
  border-radius: 3px;
  break-inside: avoid;
  content-visibility: auto;
  contain-intrinsic-size: auto 260px;
}

.entry.done {
  border-left-color: var(--good);
}

.head {
  display: flex;
  gap: 8px;
  align-items: baseline;
}

input[type='checkbox'] {
  width: 16px;
  height: 16px;
  accent-color: var(--ink);
}

.steps {
  display: grid;
  grid-template-columns: 150px minmax(0, 1fr);
  gap: 6px 12px;
  margin: 8px 0 0;
}

.steps dd {
  min-width: 0;
  margin: 0;
}

.value {
  display: block;
}

.trap {
  padding: 4px 8px;
  background: var(--yellow-pale);
  border-left: 3px solid var(--doubtful);
}

.steps .trap {
  margin-top: 4px;
}

@media (max-width: 1000px) {
  .body {
    grid-template-columns: minmax(0, 1fr);
    padding: 4px 12px 24px;
  }

  .side {
    position: static;
  }
}

@media (max-width: 560px) {
  .steps {
    grid-template-columns: minmax(0, 1fr);
    gap: 2px;
  }

  .value {
    display: inline;
  }
}

@media print {
  .body {
    display: block;
    padding: 0;
  }

  .entry {
    content-visibility: visible;
  }
}
</style>
