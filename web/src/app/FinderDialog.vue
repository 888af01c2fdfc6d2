<script setup lang="ts">
import { computed, nextTick, onBeforeUnmount, ref, shallowRef, watch } from 'vue';
import { useRouter } from 'vue-router';
import { usePlanStore } from '../sync/plan-store';
import { api, EVERY_SITE, ServerGone } from '../sync/api';
import { findAnything, type Found, listedSites } from './finder';

const props = defineProps<{ planId: string }>();
const open = defineModel<boolean>({ required: true });
const store = usePlanStore();
const router = useRouter();
/** Also what was typed before this was there; a line end is an Enter. */
const typed = defineModel<string>('typed', { required: true });
const at = ref(0);
const box = ref<HTMLInputElement | null>(null);

let leaving = false;

/** Back closes what is found here first; only what is chosen leads elsewhere. A page may write its own address on. */
onBeforeUnmount(
  router.beforeEach((to, from) => {
    if (!open.value || leaving || to.path === from.path) return true;
    open.value = false;
    return false;
  }),
);

const here = computed<Found[]>(() =>
  open.value && store.plan ? findAnything(store.plan, props.planId, typed.value.trimEnd(), store.agreement) : [],
);
/** What the lists of the server hold: it comes a moment later, below what is of the plan. */
const listed = shallowRef<Found[]>([]);
const found = computed(() => [...here.value, ...listed.value]);
const LISTED_AFTER_MS = 180;
const LEAST_LETTERS = 2;
const MOST_LETTERS = 100;
const MOST_LISTED = 8;
function seekInLists(cleanUp: (end: () => void) => void): void {
  const words = typed.value.trim().slice(0, MOST_LETTERS);
  listed.value = [];
  if (!open.value || words.length < LEAST_LETTERS) return;
  const asking = new AbortController();
  const timer = setTimeout(async () => {
    try {
      const { sites } = await api.find(words, MOST_LISTED, { ...EVERY_SITE, from: null }, asking.signal);
      if (!asking.signal.aborted) listed.value = listedSites(props.planId, sites);
    } catch (error) {
      // Without the server only what is of the plan is found; the frame says that it is away.
      if (!asking.signal.aborted && !(error instanceof ServerGone)) throw error;
    }
  }, LISTED_AFTER_MS);
  cleanUp(() => {
    clearTimeout(timer);
    asking.abort();
  });
}
// Also what was typed before this was loaded.
watch([typed, open], (_, __, cleanUp) => seekInLists(cleanUp), { immediate: true });
watch(here, () => (at.value = 0));
watch(typed, (now) => now.endsWith('\n') && go(found.value[0]), { immediate: true });

/** The page that was found has the focus, where it has not put it on a field of its own. */
async function go(one: Found | undefined): Promise<void> {
  if (!one) return;
  leaving = true;
  open.value = false;
  try {
    await router.push(one.to);
  } finally {
    leaving = false;
  }
  await nextTick();
  const work = document.querySelector<HTMLElement>('#work');
  if (!work?.contains(document.activeElement)) work?.focus({ preventScroll: true });
}

/** The sheet listens for keys wherever they are pressed. */
function keepToItself(event: KeyboardEvent): void {
  if (event.key !== 'Escape') event.stopPropagation();
}

function move(step: number): void {
  at.value = Math.max(0, Math.min(found.value.length - 1, at.value + step));
}
</script>

<template>
  <el-dialog v-model="open" width="560px" title="Find anything" top="10vh" @opened="box?.focus()">
    <input
      ref="box"
      v-model="typed"
      class="ask"
      data-finder
      role="combobox"
      aria-expanded="true"
      aria-controls="found"
      :aria-activedescendant="found[at] ? `found-${at}` : undefined"
      aria-label="Find a channel, group, check or action"
      placeholder="Part of a name or a number"
      @keydown="keepToItself"
      @keydown.down.prevent="move(1)"
      @keydown.up.prevent="move(-1)"
      @keydown.enter.prevent="go(found[at])"
    />
    <ul id="found" role="listbox" aria-label="Found" class="found">
      <li
        v-for="(one, i) in found"
        :id="`found-${i}`"
        :key="one.id"
        role="option"
        :aria-selected="i === at"
        :class="{ chosen: i === at }"
        @click="go(one)"
      >
        <span class="kind soft">{{ one.kind }}</span><span>{{ one.title }}</span
        ><span class="soft mono"
          >{{ one.detail }} <kbd v-if="one.key">{{ one.key }}</kbd></span
        >
      </li>
    </ul>
    <p v-if="found.length === 0" class="soft">Nothing has these words.</p>
  </el-dialog>
</template>

<style scoped>
.ask {
  width: 100%;
  height: 36px;
  padding: 0 10px;
  color: var(--ink);
  background: var(--raised);
  border: 1px solid var(--ink);
  border-radius: 3px;
  font: inherit;
}

.found {
  max-height: 50vh;
  margin: 8px 0 0;
  padding: 0;
  overflow: auto;
  list-style: none;
}

.found li {
  display: grid;
  grid-template-columns: 84px 1fr auto;
  gap: 8px;
  padding: 5px 8px;
  cursor: pointer;
}

.found .chosen,
.found li:hover {
  background: var(--yellow-pale);
}
</style>
