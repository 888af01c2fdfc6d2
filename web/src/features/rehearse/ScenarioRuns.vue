<script setup lang="ts">
/** One complaint: the run with its fault, and under it the run with the cure, or with a setting of one’s own. */
import { computed, ref } from 'vue';
import { differencesOf } from '@relay/core/rehearse/differences';
import { castOf, runScenario, type Scenario, type ScenarioRun } from '@relay/core/rehearse/scenario';
import type { Plan } from '@relay/core/plan/types';
import { type Try, tryPlan } from '@relay/core/rehearse/tries';
import { MODES, planIndex } from '@relay/core/registries/modes';
import { type Telling } from '@relay/core/rehearse/words';
import { download, fileName } from '../../fields/download';
import RunReading from './RunReading.vue';

const props = defineProps<{ planId: string; scenario: Scenario; practice: Plan }>();

/** What is tried in place of the cure. */
const TRIES = [
  { id: 'cure', name: 'The cure', words: 'Cured' },
  { id: 'hang', name: 'Another hang time', words: 'With another hang time' },
  { id: 'links', name: 'Nothing linked at start', words: 'With nothing linked at start' },
  { id: 'waits', name: 'All wait for a free channel', words: 'Where all wait for a free channel' },
  { id: 'never waits', name: 'Nobody waits', words: 'Where nobody waits for a free channel' },
] as const;
const tried = ref<(typeof TRIES)[number]['id']>('cure');
const triedWords = computed(() => TRIES.find(({ id }) => id === tried.value)!.words);
const hangS = ref(20);
const change = computed<Try | null>(() =>
  tried.value === 'cure'
    ? null
    : tried.value === 'hang'
      ? { set: 'hang', seconds: hangS.value }
      : tried.value === 'links'
        ? { set: 'links' }
        : { set: 'waits', waits: tried.value === 'waits' },
);

function runOf(which: ScenarioRun, changed: Try | null) {
  const { plan, run } = runScenario(props.scenario, which, {
    modes: MODES,
    practice: props.practice,
    change: (plan) => (changed ? tryPlan(plan, MODES, changed) : plan),
  });
  const callSigns = new Map(castOf(props.scenario).talkers.map((one) => [one.id, one.callSign]));
  const telling: Telling = { index: planIndex(plan), modes: MODES, callSigns, overs: run.overs };
  return { run, telling };
}
const fault = computed(() => runOf('fault', null));
const other = computed(() => (change.value ? runOf('fault', change.value) : runOf('cure', null)));
const differs = computed(() =>
  differencesOf(
    { happened: fault.value.run.happened, telling: fault.value.telling },
    { happened: other.value.run.happened, telling: other.value.telling },
  ),
);
function save(): void {
  const { id } = props.scenario;
  download(`${fileName(id)}.scenario.json`, 'application/json', `${JSON.stringify(props.scenario, null, 2)}\n`);
}
const untilMs = computed(() => props.scenario.untilS * 1000);
</script>

<template>
  <article class="scenario">
    <header>
      <h2>{{ scenario.complaint }}</h2>
      <p>{{ scenario.why }}</p>
      <p class="acts">
        <router-link :to="{ name: 'exercise', params: { planId, exerciseId: `scenario-${scenario.id}` } }"
          >Practise this</router-link
        >
        <el-button size="small" @click="save">Save as a file</el-button>
      </p>
    </header>
    <section aria-label="With the fault">
      <h3 class="is-broken">As it happens</h3>
      <RunReading
        :happened="fault.run.happened"
        :moments="fault.run.moments"
        :telling="fault.telling"
        :until-ms="untilMs"
        label="As it happens"
        brief
      />
    </section>
    <section aria-label="With the cure">
      <div class="try">
        <h3 :class="tried === 'cure' ? 'is-whole' : ''">{{ triedWords }}</h3>
        <el-select v-model="tried" class="tries" :persistent="false" aria-label="What to try">
          <el-option v-for="one in TRIES" :key="one.id" :value="one.id" :label="one.name" />
        </el-select>
        <el-input-number v-if="tried === 'hang'" v-model="hangS" :min="1" :max="600" aria-label="Hang time, seconds" />
      </div>
      <p v-if="tried === 'cure'">{{ scenario.cure.words }}</p>
      <RunReading
        :happened="other.run.happened"
        :moments="other.run.moments"
        :telling="other.telling"
        :until-ms="untilMs"
        :label="triedWords"
        brief
      />
    </section>
    <section aria-label="What changed">
      <h3>What changed</h3>
      <p v-if="differs.only.length + differs.instead.length === 0" class="soft">Nothing: both runs are the same.</p>
      <div class="changed">
        <ul v-if="differs.only.length" aria-label="Only as it happens">
          <li v-for="(one, at) in differs.only" :key="at" class="gone">{{ one }}</li>
        </ul>
        <ul v-if="differs.instead.length" aria-label="Instead">
          <li v-for="(one, at) in differs.instead" :key="at">{{ one }}</li>
        </ul>
      </div>
    </section>
    <p v-if="scenario.checks.length" class="soft">
      In your own plan this is found by
      <template v-for="(id, at) in scenario.checks" :key="id"
        ><template v-if="at > 0">, </template
        ><router-link :to="{ name: 'help-check', params: { checkId: id } }">{{ id }}</router-link></template
      >.
    </p>
  </article>
</template>

<style scoped>
.scenario {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 14px;
}

h2,
h3,
p {
  margin: 0;
}

header,
section {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 8px;
}

.try {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 14px;
  align-items: center;
}

.acts {
  display: flex;
  gap: 14px;
  align-items: center;
}

.tries {
  width: 220px;
}

.changed {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(260px, 1fr));
  gap: 8px 24px;
}

.changed ul {
  margin: 0;
  padding: 0;
  list-style: none;
}

.changed li::before {
  content: '+ ';
  font-family: var(--mono);
}

.changed .gone::before {
  content: '− ';
}
</style>
