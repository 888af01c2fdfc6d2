<script setup lang="ts">
import { computed, defineAsyncComponent, onMounted, ref, shallowRef } from 'vue';
import { useRouter } from 'vue-router';
import { placeWords } from '@relay/core/plan/place-words';
import type { Plan } from '@relay/core/plan/types';
import { PageHead } from '../../fields';
import { api, ApiProblem, type PlanSummary } from '../../sync/api';

/** Loaded when they are shown: they know every mode. */
const FirstLook = defineAsyncComponent(() => import('./FirstLook.vue'));
const GuidedStart = defineAsyncComponent(() => import('./GuidedStart.vue'));
const router = useRouter();
const plans = ref<PlanSummary[] | null>(null);
const deleted = ref<PlanSummary[]>([]);
const failure = ref('');
const name = ref('');
const file = ref<HTMLInputElement | null>(null);
/** What was read last, for the names of what is wrong in it. */
const read = shallowRef<unknown>(null);
const problems = ref<{ pointer: string; found: string; expected: string }[]>([]);
const when = (text: string) => new Date(text).toLocaleString('en-GB', { dateStyle: 'medium', timeStyle: 'short' });
const guided = ref(false);
const none = computed(() => plans.value?.length === 0);

async function attempt(act: () => Promise<void>): Promise<void> {
  failure.value = '';
  problems.value = [];
  try {
    await act();
  } catch (error) {
    failure.value = error instanceof ApiProblem ? error.body.title : (error as Error).message;
    problems.value = error instanceof ApiProblem ? (error.body.problems ?? []) : [];
  }
}

const refresh = () =>
  attempt(async () => {
    plans.value = await api.list(false);
    deleted.value = await api.list(true);
  });

async function openNew(plan: PlanSummary, stop = 'agreement'): Promise<void> {
  await router.push({ name: stop, params: { planId: plan.id } });
}

const create = () =>
  attempt(async () => openNew(await api.create({ name: name.value.trim() || 'My plan' }), 'station'));
/** The answers became a plan: it opens where its first path is shown. */
const makeFirst = (document: Plan) => attempt(async () => openNew(await api.create({ document })));
const loadDemo = (demo: string) => attempt(async () => openNew(await api.create({ demo })));
const change = (act: Promise<unknown>) =>
  attempt(async () => {
    await act;
    await refresh();
  });

function readFile(event: Event): void {
  const chosen = (event.target as HTMLInputElement).files?.[0];
  if (!chosen) return;
  void attempt(async () => {
    const text = await chosen.text();
    const { parseJson } = await import('@relay/core/formats/json');
    const { value: document, finding } = parseJson(text);
    if (finding)
      throw new Error(
        `${chosen.name} is no plan file, or was cut short${finding.line ? `: it cannot be read from line ${finding.line} on` : ''}. Save it again where it comes from.`,
      );
    read.value = document;
    await openNew(await api.create({ document }));
  });
}

onMounted(refresh);
</script>

<template>
  <main class="plans">
    <PageHead title="Yellow Relay" detail="Your plans">
      <input
        ref="file"
        type="file"
        accept=".json,application/json"
        class="visually-hidden"
        aria-label="Plan file"
        tabindex="-1"
        @change="readFile"
      />
    </PageHead>
    <div class="body">
      <div v-if="failure" class="failure is-broken" role="alert">
        <strong>{{ failure }}</strong>
        <ul v-if="problems.length">
          <li v-for="one in problems.slice(0, 8)" :key="one.pointer">
            <b>{{ placeWords(read, one.pointer) }}</b>: found {{ one.found }}, expected {{ one.expected }}.
          </li>
        </ul>
      </div>
      <p v-if="plans === null && !failure" role="status" class="soft">Reading the list…</p>
      <FirstLook v-if="none && !guided" />
      <GuidedStart v-if="guided" @made="makeFirst" @close="guided = false" />
      <div v-else class="ways" role="group" aria-label="Ways to begin">
        <el-button :type="none ? 'primary' : 'default'" data-testid="guided" @click="guided = true"
          >Guided start: a few questions</el-button
        >
        <el-button @click="file?.click()">Open a plan file</el-button>
        <el-button @click="loadDemo('ostrey-isles')">{{ none ? 'Load the demo plan' : 'Add the demo plan' }}</el-button>
      </div>
      <table v-if="plans?.length" class="plain">
        <thead>
          <tr>
            <th scope="col">Plan</th>
            <th scope="col">Changed</th>
            <th scope="col">Version</th>
            <th scope="col"><span class="visually-hidden">Acts</span></th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="plan in plans" :key="plan.id">
            <td>
              <template v-if="plan.spoiled">
                <strong>{{ plan.name }}</strong>
                <p class="spoiled is-broken">
                  Set aside: what is stored of it cannot be read. {{ plan.spoiled }} Whoever runs this server finds it
                  in the database; the other plans are whole.
                </p>
              </template>
              <router-link v-else :to="{ name: 'agreement', params: { planId: plan.id } }"
                ><strong>{{ plan.name }}</strong></router-link
              >
            </td>
            <td>{{ when(plan.updatedAt) }}</td>
            <td class="mono">{{ plan.version }}</td>
            <td class="acts">
              <el-button
                v-if="!plan.spoiled"
                link
                :aria-label="`Duplicate ${plan.name}`"
                @click="change(api.duplicate(plan.id, `${plan.name} (copy)`.slice(0, 100)))"
                >Duplicate</el-button
              >
              <el-button link :aria-label="`Delete ${plan.name}`" @click="change(api.remove(plan.id))"
                >Delete</el-button
              >
            </td>
          </tr>
        </tbody>
      </table>
      <form class="new" @submit.prevent="create">
        <label for="new-plan">New plan</label>
        <input
          class="plain-input"
          id="new-plan"
          v-model="name"
          maxlength="100"
          placeholder="Its name"
          autocomplete="off"
        />
        <el-button native-type="submit">Start it empty</el-button>
        <el-button @click="loadDemo('all-modes')">Add the plan of all modes</el-button>
        <el-button @click="loadDemo('inherited')">Add “Inherited”, to learn on</el-button>
      </form>
      <section v-if="deleted.length" aria-labelledby="deleted">
        <h2 id="deleted">Deleted, can be restored</h2>
        <table class="plain">
          <tbody>
            <tr v-for="plan in deleted" :key="plan.id">
              <td>{{ plan.name }}</td>
              <td class="soft">deleted {{ when(plan.deletedAt!) }}</td>
              <td class="acts">
                <el-button link :aria-label="`Restore ${plan.name}`" @click="change(api.restore(plan.id))"
                  >Restore</el-button
                >
                <el-popconfirm
                  :title="`Take “${plan.name}” away for good, with its history? This cannot be undone.`"
                  confirm-button-text="Take it away"
                  cancel-button-text="Keep it"
                  width="280"
                  @confirm="change(api.erase(plan.id))"
                >
                  <template #reference>
                    <el-button link :aria-label="`Delete ${plan.name} for good`">Delete for good</el-button>
                  </template>
                </el-popconfirm>
              </td>
            </tr>
          </tbody>
        </table>
      </section>
      <p class="soft">
        Transmit only where your licence allows.
        <router-link :to="{ name: 'help-checks' }">What is checked</router-link>
      </p>
    </div>
  </main>
</template>

<style scoped>
.plans {
  max-width: 980px;
  margin: 0 auto;
}

.body {
  display: grid;
  gap: 20px;
  padding: 8px 20px 40px;
}

.ways {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}

.ways .el-button + .el-button {
  margin-left: 0;
}

.acts {
  text-align: right;
  white-space: nowrap;
}

.spoiled {
  max-width: 60ch;
  margin: 4px 0 0;
}

.new {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
}

.new .el-button + .el-button {
  margin-left: 0;
}

.new input {
  width: 240px;
}

.failure ul {
  margin: 4px 0 0;
  padding-left: 18px;
}
</style>
