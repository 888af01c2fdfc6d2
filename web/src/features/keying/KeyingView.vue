<script setup lang="ts">
/** What is pressed on a radio that is programmed by hand, memory by memory, to tick off. */
import { computed, onBeforeUnmount, ref, shallowRef, toRaw, watch } from 'vue';
import { useRouter } from 'vue-router';
import { type Holding, keptBy } from '@relay/core/keying/radio-sheet';
import type { KeyingSheet, SheetEntry } from '@relay/core/keying/sheet';
import { markWritten } from '@relay/core/compare/written';
import { rows } from '@relay/core/plan/table';
import { fingerprintText } from '@relay/core/units/fingerprint';
import { MODES } from '@relay/core/registries/modes';
import { EmptyState, PageHead } from '../../fields';
import { usePlanStore } from '../../sync/plan-store';
import { startKeyer } from '../../worker/checker';
import KeyPad from './KeyPad.vue';
import KeyedChoices from './KeyedChoices.vue';
import KeyedEntry from './KeyedEntry.vue';
import { startsOf } from './starts';
import { fieldTitle } from './words';

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
  const of = fingerprintText(JSON.stringify(steps.map(({ sets, value }) => [sets, value])));
  return `keys.${radio.value!.id}.${stores.replace('/', '.')}.${number}.${of}`;
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

const starts = computed(() => (sheet.value ? startsOf(sheet.value) : []));
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
            <li v-for="one in sheet.skipped" :key="`${one.stores} ${one.number}`">
              {{ one.name }}: {{ one.reason.replace(/^[\w.-]+(?=: )/, (sets) => fieldTitle(one.stores, sets)) }}
            </li>
          </ul>
        </div>
        <p v-if="sheet.notByKeys.length" class="soft">
          No keys are taught for: {{ sheet.notByKeys.map((id) => fieldTitle('channel', id)).join(', ') }}. See that they
          are right in the radio.
        </p>
        <ol class="entries">
          <KeyedEntry
            v-for="(entry, at) in sheet.entries"
            :key="tickId(entry)"
            :entry="entry"
            :done="isDone(entry)"
            :played="played - starts[at]!"
            @tick="tick(entry, $event)"
          />
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
      <KeyedChoices v-model:holding="holding" :radio="radio" :written-at="writtenAt" />
      <KeyPad v-model:played="played" :keying="radio.keying" :held="held" :sheet="sheet" :waits="busy" />
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

.entries {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 10px;
  margin: 0;
  padding: 0;
  list-style: none;
}

.trap {
  padding: 4px 8px;
  background: var(--yellow-pale);
  border-left: 3px solid var(--doubtful);
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

@media print {
  .body {
    display: block;
    padding: 0;
  }
}
</style>
