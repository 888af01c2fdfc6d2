<script setup lang="ts">
/** A handful of questions, and the first path stands: the relay line shows it while the answers are typed. */
import { computed, reactive, ref, watch } from 'vue';
import { describePath } from '@relay/core/path/describe';
import { MODE_IDS } from '@relay/core/plan/modes/index';
import type { ModeId, Plan } from '@relay/core/plan/types';
import { firstPlan, firstQuestions } from '@relay/core/registries/first';
import { MODES, planIndex } from '@relay/core/registries/modes';
import { RelayLine } from '../../relay-line';

const emit = defineEmits<{ made: [plan: Plan]; close: [] }>();
const mode = ref<ModeId>('dmr');
const answers = reactive<Record<string, string>>({});
const problems = ref<readonly { key: string; problem: string }[]>([]);
const first = ref<HTMLFieldSetElement | null>(null);

const questions = computed(() => firstQuestions(mode.value));
const problemOf = (key: string) => problems.value.find((one) => one.key === key)?.problem;

/** Where nothing was typed yet, the example stands in: one sees what the answer becomes. */
const view = computed(() => {
  const filled = Object.fromEntries(
    questions.value.map(({ key, example }) => [key, answers[key]?.trim() || example || '…']),
  );
  const { plan } = firstPlan(mode.value, filled);
  const traced =
    plan &&
    planIndex(plan)
      .paths()
      .find(({ path }) => path.verdict === 'whole');
  return traced ? describePath(traced.path, traced.context) : null;
});

function make(): void {
  const { plan, problems: found } = firstPlan(mode.value, answers);
  problems.value = found;
  if (plan) emit('made', plan);
  else first.value?.querySelector<HTMLInputElement>(`[name="${found[0]?.key}"]`)?.focus();
}

watch(mode, () => (problems.value = []));
</script>

<template>
  <section class="start" aria-labelledby="guided">
    <h2 id="guided">Your first path</h2>
    <form @submit.prevent="make">
      <el-radio-group v-model="mode" aria-label="Your radio speaks"
        ><el-radio-button v-for="id in MODE_IDS" :key="id" :value="id">{{
          MODES[id].name
        }}</el-radio-button></el-radio-group
      >
      <fieldset ref="first">
        <legend class="visually-hidden">What is asked for {{ MODES[mode].name }}</legend>
        <div v-for="one in questions" :key="one.key" class="question">
          <label :for="`first-${one.key}`"
            >{{ one.label }} <span v-if="one.optional" class="soft">(may stay empty)</span></label
          >
          <input
            :id="`first-${one.key}`"
            v-model="answers[one.key]"
            :name="one.key"
            class="plain-input"
            :type="one.secret ? 'password' : 'text'"
            :placeholder="one.example ? `such as ${one.example}` : ''"
            :aria-invalid="problemOf(one.key) !== undefined"
            :aria-describedby="problemOf(one.key) ? `first-${one.key}-problem` : undefined"
            autocomplete="off"
            spellcheck="false"
          />
          <p v-if="problemOf(one.key)" :id="`first-${one.key}-problem`" class="is-broken" role="alert">
            {{ problemOf(one.key) }}
          </p>
          <p v-else-if="one.hint" class="soft hint">{{ one.hint }}</p>
        </div>
      </fieldset>
      <div class="acts">
        <el-button type="primary" native-type="submit" data-testid="make-first">Make my plan</el-button>
        <el-button @click="$emit('close')">Not now</el-button>
      </div>
    </form>
    <div v-if="view" class="line" aria-live="off">
      <RelayLine :view="view" :finding="null" all="" />
    </div>
  </section>
</template>

<style scoped>
.start {
  display: grid;
  gap: 12px;
  padding: 16px 18px;
  background: var(--raised);
  border: 1px solid var(--hairline);
  border-left: 4px solid var(--yellow);
  border-radius: 3px;
}

form {
  display: grid;
  gap: 12px;
}

fieldset {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(240px, 1fr));
  gap: 12px 20px;
  margin: 0;
  padding: 0;
  border: 0;
}

.question {
  display: grid;
  gap: 2px;
  align-content: start;
}

.hint {
  font-size: 12px;
}

.line {
  padding-top: 10px;
  border-top: 1px solid var(--hairline);
}

.acts {
  display: flex;
  gap: 8px;
}

.acts .el-button + .el-button {
  margin-left: 0;
}
</style>
