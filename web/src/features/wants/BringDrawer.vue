<script setup lang="ts">
/** The same wants in every radio: what each gets, what leaves to make room, and what it cannot have and why. */
import { computed, onBeforeUnmount, ref, shallowRef, toRaw, watch } from 'vue';
import type { Brought } from '@relay/core/bring/bring-along';
import type { Way } from '@relay/core/bring/ways';
import { destinationNamer } from '@relay/core/naming/destination-names';
import { applyInPlace } from '@relay/core/plan/patches';
import { rows } from '@relay/core/plan/table';
import { MODES } from '@relay/core/registries/modes';
import { usePlanStore } from '../../sync/plan-store';
import { startBringer } from '../../worker/checker';
import { withoutLines } from './bring-words';

const open = defineModel<boolean>({ required: true });
const store = usePlanStore();
const plan = computed(() => store.plan!);
const radios = computed(() => rows(plan.value.radios));
const chosen = ref<string[]>(radios.value.map(({ id }) => id));
const brought = shallowRef<Brought[] | null>(null);
const problem = ref('');
const left = ref<ReadonlySet<string>>(new Set());
const busy = ref(false);
let worker: ReturnType<typeof startBringer> | null = null;

const nameOf = computed(() => {
  const namer = destinationNamer(MODES, plan.value);
  return ({ destination, siteId }: Way) =>
    `${namer(destination) || destination.kind} through ${plan.value.sites.byId[siteId]?.name ?? siteId}`;
});
const radioName = (id: string) => plan.value.radios.byId[id]?.name ?? id;
const keyOf = (radioId: string, way: Way) => `${radioId} ${way.key}`;
const changes = computed(() =>
  (brought.value ?? []).flatMap(({ radioId, adds, leaves }) =>
    [...adds, ...leaves.map(({ way }) => way)].map((way) => keyOf(radioId, way)),
  ),
);
const count = computed(() => changes.value.filter((key) => !left.value.has(key)).length);

function stop(): void {
  worker?.end();
  worker = null;
  busy.value = false;
}
onBeforeUnmount(stop);

async function look(): Promise<void> {
  stop();
  const mine = (worker = startBringer());
  busy.value = true;
  problem.value = '';
  brought.value = null;
  left.value = new Set();
  try {
    brought.value = await mine.bringer.propose(toRaw(plan.value), [...chosen.value]);
  } catch (error) {
    problem.value = `It could not be worked out: ${(error as Error).message}`;
  }
  if (mine === worker) busy.value = false;
}
watch([() => plan.value, chosen], () => void look(), { immediate: true });

function tick(key: string, event: Event): void {
  const next = new Set(left.value);
  if ((event.target as HTMLInputElement).checked) next.delete(key);
  else next.add(key);
  left.value = next;
}

async function put(): Promise<void> {
  if (!worker || !brought.value) return;
  busy.value = true;
  const what = `bring ${chosen.value.length} radios along`;
  const patches = await worker.bringer.carryOut(toRaw(plan.value), brought.value, new Set(left.value));
  const done = count.value;
  open.value = false;
  store.edit(what, (draft) => applyInPlace(draft, patches));
  store.notice = `${done} ${done === 1 ? 'want' : 'wants'} brought along and built.`;
}
</script>

<template>
  <el-drawer v-model="open" size="min(560px, 100%)" title="Bring radios along">
    <div class="parts">
      <p>
        Every radio is to want what any of them wants, as far as it can and has room. Where it has not room for all, as
        many go in as can: first those that come first, then the others, last those that come last; what is there stays
        where it can. Channels that you changed by hand stay.
      </p>
      <el-checkbox-group v-model="chosen" aria-label="Radios">
        <el-checkbox v-for="one in radios" :key="one.id" :value="one.id">{{ one.name }}</el-checkbox>
      </el-checkbox-group>
      <p v-if="busy && !brought" role="status">Working it out… <el-button link @click="stop">Stop</el-button></p>
      <p v-if="problem" role="alert" class="is-broken">{{ problem }}</p>
      <section v-for="one in brought ?? []" :key="one.radioId" :aria-label="radioName(one.radioId)">
        <h3>
          {{ radioName(one.radioId) }} <span class="soft">{{ one.count }} wants</span>
        </h3>
        <p v-if="one.adds.length + one.leaves.length === 0">Nothing to add.</p>
        <details v-if="one.adds.length" :open="one.adds.length <= 12">
          <summary>{{ one.adds.length }} more</summary>
          <label v-for="way in one.adds.slice(0, 200)" :key="way.key"
            ><input
              type="checkbox"
              :checked="!left.has(keyOf(one.radioId, way))"
              @change="tick(keyOf(one.radioId, way), $event)"
            />
            {{ nameOf(way) }}</label
          >
          <p v-if="one.adds.length > 200" class="soft">and {{ one.adds.length - 200 }} more</p>
        </details>
        <details v-if="one.leaves.length" open class="is-doubtful">
          <summary>{{ one.leaves.length }} leave, to make room for what comes first</summary>
          <label v-for="{ way } in one.leaves.slice(0, 200)" :key="way.key"
            ><input
              type="checkbox"
              :checked="!left.has(keyOf(one.radioId, way))"
              @change="tick(keyOf(one.radioId, way), $event)"
            />
            {{ nameOf(way) }}</label
          >
        </details>
        <p v-for="line in withoutLines(one.without, nameOf)" :key="line.why" class="soft">
          Without {{ line.names.length }}, {{ line.why }}: {{ line.names.slice(0, 8).join('; ')
          }}<template v-if="line.names.length > 8">; and {{ line.names.length - 8 }} more</template>
        </p>
      </section>
    </div>
    <template #footer>
      <el-button @click="open = false">Leave them</el-button>
      <el-button type="primary" :disabled="busy || count === 0" data-testid="put-brought" @click="put"
        >Bring {{ count }} along</el-button
      >
    </template>
  </el-drawer>
</template>

<style scoped>
.parts {
  display: grid;
  gap: 10px;
}

h3 {
  margin: 0 0 4px;
  font-size: 14px;
}

details label {
  display: block;
  padding: 1px 0 1px 14px;
  color: var(--ink);
}
</style>
