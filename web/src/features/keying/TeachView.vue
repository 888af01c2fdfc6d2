<script setup lang="ts">
/** How a radio is programmed by hand, taught setting by setting and tried at once. */
import { computed, ref } from 'vue';
import { useRouter } from 'vue-router';
import { blankField, blankKeying, blankRoutine } from '@relay/core/keying/blank';
import { keyingProblems } from '@relay/core/keying/problems';
import type { KeyField, Keying, KeyRoutine } from '@relay/core/plan/keying';
import { EmptyState, PageHead, TextField } from '../../fields';
import { usePlanStore } from '../../sync/plan-store';
import FieldEditor from './FieldEditor.vue';
import { keysText } from './key-text';
import KeyPad from './KeyPad.vue';
import RoutineEditor from './RoutineEditor.vue';
import { fieldTitle, settable, STORES, storeTitle } from './words';

const props = defineProps<{ planId: string; radioId: string }>();
const router = useRouter();
const store = usePlanStore();
const radio = computed(() => store.plan!.radios.byId[props.radioId]);
const keying = computed(() => radio.value?.keying ?? null);
const problems = computed(() => (keying.value ? keyingProblems(keying.value, fieldTitle) : []));
/** What is looked at: a kind of memory, or a setting of it. */
const chosen = ref<{ stores: string; sets: string | null }>({ stores: 'channel', sets: 'rx' });
const routine = computed(() => keying.value?.routines.find(({ stores }) => stores === chosen.value.stores) ?? null);
const field = computed(() => routine.value?.fields.find(({ sets }) => sets === chosen.value.sets) ?? null);
const isChosen = (stores: string, sets: string | null) => chosen.value.stores === stores && chosen.value.sets === sets;
const problemsOf = (stores: string, sets: string | null) =>
  problems.value.filter((one) => one.stores === stores && one.sets === sets);

function change(label: string, recipe: (keying: Keying) => void): void {
  store.edit(`keys of ${radio.value!.name}: ${label}`, (draft) => recipe(draft.radios.byId[props.radioId]!.keying!));
}

function begin(): void {
  store.edit(
    `keys of ${radio.value!.name}`,
    (draft) => void (draft.radios.byId[props.radioId]!.keying = blankKeying()),
  );
}

function forget(): void {
  store.remove(
    `Forgot the keys of ${radio.value!.name}`,
    (draft) => void (draft.radios.byId[props.radioId]!.keying = null),
  );
}

const routineIn = (all: Keying, stores: string) => all.routines.find((one) => one.stores === stores)!;

function changeRoutine(label: string, recipe: (routine: KeyRoutine) => void): void {
  const { stores } = routine.value!;
  change(label, (all) => recipe(routineIn(all, stores)));
}

function changeField(label: string, recipe: (field: KeyField) => void): void {
  const { sets } = field.value!;
  changeRoutine(label, ({ fields }) => recipe(fields.find((one) => one.sets === sets)!));
}

function addField(stores: string, sets: string): void {
  change(`add ${fieldTitle(stores, sets)}`, (all) => void routineIn(all, stores).fields.push(blankField(sets)));
  chosen.value = { stores, sets };
}

function removeField(): void {
  const { stores, sets } = chosen.value;
  change(`remove ${fieldTitle(stores, sets!)}`, (all) => {
    const mine = routineIn(all, stores);
    mine.fields = mine.fields.filter((one) => one.sets !== sets);
  });
  chosen.value = { stores, sets: null };
}

function move(stores: string, at: number, by: number): void {
  change('order', (all) => {
    const { fields } = routineIn(all, stores);
    fields.splice(at + by, 0, ...fields.splice(at, 1));
  });
}

function addRoutine(stores: string): void {
  change(
    `add ${storeTitle(stores)}`,
    (all) => void all.routines.push(blankRoutine(stores, all.routines.length === 0 ? [] : ['MENU', '9'])),
  );
  chosen.value = { stores, sets: null };
}

function removeRoutine(): void {
  const { stores } = chosen.value;
  change(
    `remove ${storeTitle(stores)}`,
    (all) => void (all.routines = all.routines.filter((one) => one.stores !== stores)),
  );
  chosen.value = { stores: 'channel', sets: null };
}

const moreStores = computed(() =>
  STORES.filter(({ id }) => keying.value?.routines.every(({ stores }) => stores !== id) === true),
);
const moreFields = ({ stores, fields }: KeyRoutine) =>
  settable(stores).filter(({ value }) => fields.every(({ sets }) => sets !== value));

const HOW: Record<KeyField['entry']['kind'], string> = {
  digits: 'digits',
  turn: 'list',
  letters: 'letters',
  taps: 'letters',
};
</script>

<template>
  <PageHead :title="`Keys of ${radio?.name ?? 'a radio'}`" detail="How it is programmed by hand">
    <template v-if="keying">
      <el-button @click="forget">Forget its keys</el-button>
      <el-button type="primary" @click="router.push({ name: 'keying', params: { planId, radioId } })"
        >Keying sheet</el-button
      >
    </template>
  </PageHead>
  <EmptyState v-if="!radio" title="This radio is not in the plan">
    <p>It may have been removed.</p>
    <template #acts
      ><el-button type="primary" @click="router.push({ name: 'radios', params: { planId } })"
        >Radios</el-button
      ></template
    >
  </EmptyState>
  <EmptyState v-else-if="!keying" :title="`Nobody has said how ${radio.name} is keyed`">
    <p>
      Say for each setting which keys open it, how the value gets in and which key ends it, from the radio’s manual.
      Every sheet of presses comes from that; the keys go along with the radio’s description when it is shared.
    </p>
    <template #acts><el-button type="primary" @click="begin">Begin with the frequency</el-button></template>
  </EmptyState>
  <div v-else class="body">
    <div class="column">
      <p v-if="problems.length === 0" class="in-order">No press could mean two things.</p>
      <ul v-else class="is-broken problems" role="alert">
        <li v-for="(one, at) in problems" :key="at">
          <button type="button" class="link" @click="chosen = { stores: one.stores, sets: one.sets }">
            {{ storeTitle(one.stores)
            }}<template v-if="one.sets">, {{ fieldTitle(one.stores, one.sets) }}</template></button
          >: {{ one.problem }}
        </li>
      </ul>
      <TextField
        label="Before the first press"
        :value="keying.before"
        :take="
          (text) => {
            if (text.length > 300) return { problem: `Found ${text.length} characters, expected at most 300.` };
            change('before', (all) => void (all.before = text.trim()));
            return null;
          }
        "
        placeholder="such as how the lock is taken off"
      />
      <section v-for="one in keying.routines" :key="one.stores" class="routine" :aria-label="storeTitle(one.stores)">
        <button
          type="button"
          class="title"
          :class="{ chosen: isChosen(one.stores, null), wrong: problemsOf(one.stores, null).length }"
          @click="chosen = { stores: one.stores, sets: null }"
        >
          <strong>{{ storeTitle(one.stores) }}</strong>
          <span class="soft"
            >memories {{ one.first }} to {{ one.last }}, written by
            <span class="mono">{{ keysText([...one.write.begins, ...one.write.ends]) }}</span></span
          >
        </button>
        <ol>
          <li v-for="({ sets, begins, entry, ends }, at) in one.fields" :key="sets">
            <button
              type="button"
              class="setting"
              :class="{ chosen: isChosen(one.stores, sets), wrong: problemsOf(one.stores, sets).length }"
              @click="chosen = { stores: one.stores, sets }"
            >
              <span>{{ fieldTitle(one.stores, sets) }}</span>
              <span class="mono soft">{{ [...begins, `‹${HOW[entry.kind]}›`, ...ends].join(' ') }}</span>
            </button>
            <button
              type="button"
              class="shift"
              :disabled="at === 0"
              :aria-label="`${fieldTitle(one.stores, sets)} earlier`"
              @click="move(one.stores, at, -1)"
            >
              ↑
            </button>
          </li>
        </ol>
        <el-select
          v-if="moreFields(one).length"
          class="more"
          :persistent="false"
          :model-value="''"
          placeholder="Teach another setting"
          :aria-label="`Teach another setting of ${storeTitle(one.stores)}`"
          @update:model-value="addField(one.stores, $event as string)"
        >
          <el-option v-for="{ value, label } in moreFields(one)" :key="value" :value="value" :label="label" />
        </el-select>
      </section>
      <el-select
        v-if="moreStores.length"
        class="more"
        :persistent="false"
        :model-value="''"
        placeholder="Teach another kind of memory"
        aria-label="Teach another kind of memory"
        @update:model-value="addRoutine($event as string)"
      >
        <el-option v-for="{ id, title } in moreStores" :key="id" :value="id" :label="title" />
      </el-select>
    </div>
    <div class="column side">
      <FieldEditor
        v-if="field && routine"
        :key="`${routine.stores} ${field.sets}`"
        :field="field"
        :routine="routine"
        @change="changeField"
        @remove="removeField"
      />
      <RoutineEditor
        v-else-if="routine"
        :key="routine.stores"
        :routine="routine"
        @change="changeRoutine"
        @remove="removeRoutine"
      />
      <KeyPad v-if="problems.length === 0" :keying="keying" :held="[]" :sheet="null" />
    </div>
  </div>
</template>

<style scoped>
.body {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 460px);
  gap: 20px 32px;
  align-items: start;
  padding: 4px 20px 32px;
}

.column {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 12px;
  align-content: start;
}

.column p {
  margin: 0;
}

.side {
  gap: 24px;
}

.problems {
  margin: 0;
  padding-left: 18px;
}

.routine {
  display: grid;
  gap: 6px;
}

.routine ol {
  display: grid;
  gap: 2px;
  margin: 0;
  padding: 0;
  list-style: none;
}

.routine li {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 28px;
  gap: 4px;
}

.title,
.setting,
.shift,
.link {
  padding: 4px 8px;
  color: inherit;
  font: inherit;
  text-align: left;
  background: none;
  border: 1px solid transparent;
  border-radius: 3px;
  cursor: pointer;
}

.title {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 12px;
  align-items: baseline;
  border-bottom-color: var(--hairline);
}

.setting {
  display: grid;
  grid-template-columns: 190px minmax(0, 1fr);
  gap: 8px;
}

.setting:hover,
.title:hover {
  background: var(--sunk);
}

.chosen {
  background: var(--yellow-pale);
  border-left: 3px solid var(--yellow-deep);
}

.wrong {
  border-color: var(--broken);
}

.shift {
  text-align: center;
}

.shift:disabled {
  opacity: 0.3;
  cursor: default;
}

.link {
  padding: 0;
  text-decoration: underline;
}

.more {
  max-width: 260px;
}

@media (max-width: 1000px) {
  .body {
    grid-template-columns: minmax(0, 1fr);
    padding: 4px 12px 24px;
  }
}
</style>
