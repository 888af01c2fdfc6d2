<script setup lang="ts">
import { defineAsyncComponent, onMounted, onUnmounted, ref, watch } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import { ApiProblem, ServerGone } from '../sync/api';
import { usePlanStore } from '../sync/plan-store';
import DockPanel from './DockPanel.vue';
import TopBar from './TopBar.vue';
import TrackNav from './TrackNav.vue';

const FinderDialog = defineAsyncComponent(() => import('./FinderDialog.vue'));
const KeysDialog = defineAsyncComponent(() => import('./KeysDialog.vue'));
const props = defineProps<{ planId: string }>();
const store = usePlanStore();
const frame = ref<HTMLElement | null>(null);
const finding = ref(false);
/** Shown once, the finder stays at hand. */
const wasFound = ref(false);
const sought = ref('');
const keys = ref(false);
const failure = ref('');

const AGAIN_MS = 2_000;

/** A server or database that is away is asked again, until the plan opens or another is wanted. */
async function open(id: string): Promise<void> {
  try {
    await store.open(id);
    failure.value = '';
  } catch (error) {
    failure.value =
      error instanceof ApiProblem && error.status === 404
        ? 'This plan does not exist, or was deleted. It can be restored from the list of plans.'
        : error instanceof ServerGone
          ? `The ${error.waitsFor} does not answer. The plan opens by itself as soon as it does.`
          : `The plan cannot be opened now: ${(error as Error).message}`;
    if (error instanceof ServerGone) setTimeout(() => props.planId === id && !store.plan && void open(id), AGAIN_MS);
  }
}

watch(
  () => props.planId,
  (id) => {
    failure.value = '';
    void open(id);
  },
  { immediate: true },
);

const route = useRoute();
const router = useRouter();
/** The field that the address asks for (`?field=Color code`) is gone to, and taken out of the address. */
watch(
  () => route.query['field'],
  async (label) => {
    if (typeof label !== 'string') return;
    const isWanted = () => route.query['field'] === label;
    const { goToField } = await import('./go-to-field');
    await goToField(label, isWanted);
    if (!isWanted()) return;
    const { field: _, ...query } = route.query;
    await router.replace({ query });
  },
  { immediate: true },
);
// Another step begins at its top: what scrolls is the same for all.
watch(
  () => route.name,
  () => document.querySelector('#work')?.scrollTo(0, 0),
  { flush: 'post' },
);

function typing(target: EventTarget | null): boolean {
  return (
    target instanceof HTMLElement &&
    (target.isContentEditable || ['INPUT', 'TEXTAREA', 'SELECT'].includes(target.tagName))
  );
}

/**
 * Keys typed right behind Ctrl+K belong to the finder, also before it is there to take them; nobody behind it gets any.
 */
function takeEarly(event: KeyboardEvent): void {
  if (!finding.value || document.activeElement?.matches('[data-finder]')) {
    window.removeEventListener('keydown', takeEarly, true);
    return;
  }
  if (event.ctrlKey || event.metaKey || event.altKey) return;
  if (event.key.length === 1) sought.value += event.key;
  else if (event.key === 'Backspace') sought.value = sought.value.slice(0, -1);
  else if (event.key === 'Enter') sought.value += '\n';
  else return;
  event.preventDefault();
  event.stopPropagation();
}

function find(): void {
  if (finding.value) return;
  sought.value = '';
  finding.value = true;
  wasFound.value = true;
  window.addEventListener('keydown', takeEarly, true);
}

function onKey(event: KeyboardEvent): void {
  const command = event.ctrlKey || event.metaKey;
  if (command && event.key.toLowerCase() === 'k') {
    event.preventDefault();
    find();
  } else if (command && event.key.toLowerCase() === 'z' && !typing(event.target)) {
    event.preventDefault();
    if (event.shiftKey) store.redo();
    else store.undo();
  } else if (event.key === '?' && !typing(event.target)) keys.value = true;
}

/** What nobody needs at once waits until the plan is on the screen, ms. */
const LATER_MS = 1000;
let leaveFocus = (): void => undefined;
const later = setTimeout(async () => {
  const { keepFocus } = await import('./keep-focus');
  if (!frame.value) return;
  leaveFocus = keepFocus(frame.value);
  frame.value.dataset['keepsFocus'] = '';
}, LATER_MS);
onMounted(() => window.addEventListener('keydown', onKey));
onUnmounted(() => {
  clearTimeout(later);
  leaveFocus();
  window.removeEventListener('keydown', onKey);
  window.removeEventListener('keydown', takeEarly, true);
});
</script>

<template>
  <div ref="frame" class="frame">
    <a class="skip" href="#work">Skip to the work</a>
    <TopBar :plan-id="planId" class="frame-top" @find="find" />
    <TrackNav :plan-id="planId" class="frame-track" />
    <main id="work" class="frame-work" data-scrolls tabindex="-1">
      <p v-if="failure" class="failure is-broken" role="alert">
        {{ failure }} <router-link :to="{ name: 'plans' }">All plans</router-link>
      </p>
      <p v-else-if="!store.plan" class="failure soft" role="status">Opening the plan…</p>
      <router-view v-else />
    </main>
    <div class="frame-dock">
      <p class="notice no-print" role="status" aria-live="polite" data-testid="notice">{{ store.notice }}</p>
      <p v-if="store.saveState === 'waiting'" class="waiting no-print" role="alert">
        {{ store.saveDetail.endsWith('database') ? 'The database does not answer' : 'The server does not answer' }}.
        {{ store.saveDetail }}; they are kept in this browser and sent as soon as it is back.
      </p>
      <DockPanel />
    </div>
    <FinderDialog v-if="wasFound" v-model="finding" v-model:typed="sought" :plan-id="planId" />
    <KeysDialog v-if="keys" v-model="keys" />
  </div>
</template>

<style scoped>
.frame {
  display: grid;
  grid-template: minmax(46px, auto) minmax(0, 1fr) auto / 168px minmax(0, 1fr);
  grid-template-areas: 'top top' 'track work' 'track dock';
  height: 100vh;
}

.frame-top {
  grid-area: top;
}

.frame-track {
  grid-area: track;
}

.frame-work {
  grid-area: work;
  min-height: 0;
  overflow: auto;
  outline: none;
}

.frame-dock {
  grid-area: dock;
  min-width: 0;
}

.failure {
  padding: 32px 20px;
}

.notice:not(:empty),
.waiting {
  padding: 5px 20px;
  background: var(--sunk);
  border-top: 1px solid var(--hairline);
}

.waiting {
  color: var(--doubtful);
  font-weight: 600;
}

.skip {
  position: absolute;
  top: -60px;
  left: 8px;
  z-index: 10;
  padding: 8px;
  background: var(--raised);
}

.skip:focus {
  top: 4px;
}

@media (max-width: 760px) {
  .frame {
    grid-template: auto auto minmax(0, 1fr) auto / minmax(0, 1fr);
    grid-template-areas: 'top' 'track' 'work' 'dock';
  }
}

@media print {
  .frame {
    display: block;
    height: auto;
  }

  .frame-work {
    overflow: visible;
  }
}
</style>
