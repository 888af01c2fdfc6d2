/** The open plan as the pages see it: the document, its agreement, the selection, and the acts that change it. */
import type { Remote } from 'comlink';
import { defineStore } from 'pinia';
import { computed, ref, shallowRef, watch } from 'vue';
import type { Agreement, ExplainedFinding, Verdicts } from '@relay/core/agreement/agreement';
import { type VerdictsDelta, withFindingsDelta, withVerdictsDelta } from '@relay/core/agreement/delta';
import type { AroundSite } from '@relay/core/path/around';
import type { RelayView } from '@relay/core/path/describe';
import { NO_WORLD, withState, type World } from '@relay/core/path/world';
import { diff } from '@relay/core/plan/diff';
import { placeWords } from '@relay/core/plan/place-words';
import { type Patch, PatchError } from '@relay/core/plan/patches';
import { editByPatches, type Recipe } from '@relay/core/plan/edit';
import { lossOnRemoval } from '@relay/core/plan/references';
import type { Channel, ModeId, ModeTypes, Plan } from '@relay/core/plan/types';
import type { Checker, SeenAs } from '../worker/check-worker';
import { startChecker, startMaker } from '../worker/checker';
import type { Maker } from '../worker/maker-worker';
import { api, ServerGone } from './api';
import { placesOfHotspots, sitesAround } from './around';
import { dropOrphans, markWindow, openWindows, pendingStore, takeOrphans } from './pending-store';
import { PlanSession, type SaveState } from './session';

export interface Selection {
  radioId: string;
  channelId: string;
}

const windowId = crypto.randomUUID();
const ORPHANS_AGAIN_MS = 3_000;

export const usePlanStore = defineStore('plan', () => {
  const planId = ref<string | null>(null);
  const plan = shallowRef<Plan | null>(null);
  /** Of each channel; they come before what the checks find. */
  const verdicts = shallowRef<Verdicts | null>(null);
  /** Verdicts and findings that belong together. */
  const agreement = shallowRef<Agreement | null>(null);
  /** Whether the verdicts are of the plan as it is now. */
  const isJudged = ref(false);
  const relayView = shallowRef<RelayView | null>(null);
  /** What is true now beside the plan, as the user says it in this window: links, groups that are awake. */
  const world = shallowRef<World>(NO_WORLD);
  /** Sites that lists name around the hotspots; empty while they are not known. */
  const around = shallowRef<readonly AroundSite[]>([]);
  const selection = ref<Selection | null>(null);
  /** A profile that the selected path is looked at under, though its hotspot runs another. */
  const seenAs = shallowRef<SeenAs | null>(null);
  const saveState = ref<SaveState>('saved');
  const saveDetail = ref('');
  /** Whether the browser keeps what waits; `false` when closing this window would lose it. */
  const isKept = ref(true);
  /** One line about what just happened, read out to screen readers too. */
  const notice = ref('');
  const undoLabel = ref<string | null>(null);
  const redoLabel = ref<string | null>(null);

  // What the browser could not keep is lost with the window: it asks first.
  window.addEventListener('beforeunload', (event) => {
    if (!isKept.value) event.preventDefault();
  });

  let session: PlanSession | null = null;
  let events: EventSource | null = null;
  let checker: Remote<Checker> | null = null;
  let maker: Remote<Maker> | null = null;
  const makerNow = () => (maker ??= startMaker());
  let asked = 0;
  /** What the worker told last. */
  let told: Verdicts | null = null;
  let toldFindings: readonly ExplainedFinding[] = [];

  function refreshStacks(): void {
    const stacks = session?.stacks;
    undoLabel.value = stacks?.undo.at(-1)?.label ?? null;
    redoLabel.value = stacks?.redo.at(-1)?.label ?? null;
  }

  /**
   * Verdicts first, then what the checks find. Only the newest answer counts: edits may overtake each other while the
   * worker is busy, and then the checks run once for all of them.
   */
  async function check(ask: (worker: Remote<Checker>) => Promise<VerdictsDelta>): Promise<void> {
    checker ??= startChecker();
    const mine = ++asked;
    isJudged.value = false;
    const of = planId.value;
    const delta = await ask(checker);
    // Each says what is new since the one before, so none is left out; answers come in the order of the questions.
    if (of === planId.value) told = withVerdictsDelta(told, delta);
    if (mine !== asked) return;
    verdicts.value = told;
    isJudged.value = true;
    const relay = refreshRelay();
    const more = await checker.findings();
    if (of === planId.value) toldFindings = withFindingsDelta(toldFindings, more);
    if (mine === asked && told) agreement.value = { ...told, findings: toldFindings };
    await relay;
  }

  async function refreshRelay(): Promise<void> {
    const chosen = selection.value;
    const view =
      chosen && checker && verdicts.value
        ? await checker.relayView(chosen.radioId, chosen.channelId, { ...world.value, nowMs: Date.now() }, seenAs.value)
        : null;
    if (chosen === selection.value) relayView.value = view;
  }

  watch([selection, world, seenAs], refreshRelay, { deep: true });

  /** Asks the lists again what is around the hotspots: when those moved, or a list came. */
  async function lookAround(): Promise<void> {
    const [id, places] = [planId.value, plan.value ? placesOfHotspots(plan.value) : []];
    try {
      const found = await sitesAround(places);
      if (planId.value !== id || (found.length === 0 && around.value.length === 0)) return;
      around.value = found;
      if (checker) void check((worker) => worker.setAround(found));
    } catch (error) {
      // Nothing is told of sites that are not known: the checks do without, and the next look asks again.
      if (!(error instanceof ServerGone)) notice.value = (error as Error).message;
    }
  }

  const hotspotPlaces = computed(() => (plan.value ? JSON.stringify(placesOfHotspots(plan.value)) : '[]'));
  watch(hotspotPlaces, () => void lookAround());
  // Minutes pass without anybody touching anything.
  setInterval(() => {
    if (Object.keys(world.value.sites).length > 0) world.value = { ...world.value, nowMs: Date.now() };
  }, 30_000);

  /** The selected channel was keyed just now: its site does what its mode does then. */
  async function keyUp(): Promise<void> {
    const chosen = selection.value;
    if (!chosen || !checker) return;
    world.value = await checker.keyUp(chosen.radioId, chosen.channelId, world.value, Date.now());
    notice.value = 'Noted: keyed just now.';
  }

  /** What is true of a site in a mode now, as the user hears it; `undefined` takes it back. */
  function say<M extends ModeId>(siteId: string, mode: M, state: ModeTypes[M]['state'] | undefined): void {
    world.value = { ...withState(world.value, siteId, mode, state), nowMs: Date.now() };
  }

  async function open(id: string): Promise<void> {
    if (planId.value === id && plan.value) return;
    close();
    planId.value = id;
    const opened = await api.open(id);
    if (planId.value !== id) return;
    await markWindow(windowId);
    if (planId.value !== id) return;
    session = new PlanSession(id, opened, {
      api,
      store: pendingStore(id, windowId),
      newId: () => crypto.randomUUID(),
      wait: (ms) => new Promise((go) => setTimeout(go, ms)),
      events: {
        changed: (next, patches) => {
          plan.value = next;
          refreshStacks();
          void check((worker) => worker.applyPatches(patches));
        },
        state: (state, detail) => {
          saveState.value = state;
          saveDetail.value = detail;
          if (state === 'refused') notice.value = detail;
          refreshStacks();
        },
        kept: (kept) => {
          if (!kept && isKept.value)
            notice.value = 'This browser has no room to keep what waits: leave this window open until it is saved.';
          isKept.value = kept;
        },
        conflicts: (pointers) => {
          const place = placeWords(plan.value, pointers[0] ?? '');
          notice.value = `Another window changed the same value (${place}${pointers.length > 1 ? `, and ${pointers.length - 1} more` : ''}). Yours stands; undo brings theirs back.`;
        },
      },
    });
    plan.value = opened.document;
    refreshStacks();
    void check((worker) => worker.setPlan(opened.document));
    await adoptOrphans(id);
    // A window that is just closing may still count as open: look once more.
    setTimeout(() => void adoptOrphans(id), ORPHANS_AGAIN_MS);
    listen(id);
  }

  async function adoptOrphans(id: string): Promise<void> {
    const alive = await openWindows();
    if (planId.value !== id || !session) return;
    try {
      const orphans = await takeOrphans(id, alive);
      if (planId.value !== id || !session || orphans.length === 0) return;
      await session.adopt(orphans);
      await dropOrphans(id, alive);
    } catch (error) {
      // A browser that keeps nothing has left nothing behind; a server that is away is asked again.
      if (error instanceof ServerGone) setTimeout(() => void adoptOrphans(id), ORPHANS_AGAIN_MS);
      else if (!(error instanceof DOMException)) throw error;
    }
  }

  function listen(id: string): void {
    events = new EventSource(`/api/v1/plans/${id}/events`);
    events.addEventListener('version', (event) => void session?.catchUp(Number((event as MessageEvent<string>).data)));
    // The stream comes back after the server does: ask what was missed.
    events.addEventListener('open', () => void session?.catchUp(Infinity));
  }

  function close(): void {
    session?.close();
    events?.close();
    session = null;
    events = null;
    planId.value = null;
    plan.value = null;
    verdicts.value = agreement.value = null;
    told = null;
    toldFindings = [];
    selection.value = null;
    around.value = [];
    notice.value = '';
    isKept.value = true;
    world.value = NO_WORLD;
  }

  function edit(label: string, recipe: Recipe): Patch[] {
    return session?.edit(label, recipe) ?? [];
  }

  /** Removes something and says what it took along; undo brings it all back. */
  function remove(label: string, recipe: Recipe): void {
    const { wants, links } = lossOnRemoval(edit(label, recipe));
    const parts = [
      wants > 0 ? `${wants} ${wants === 1 ? 'want' : 'wants'} went with it` : '',
      links > 0 ? `${links} channel ${links === 1 ? 'link was' : 'links were'} cut` : '',
    ].filter(Boolean);
    notice.value =
      parts.length > 0 ? `${label}: ${parts.join(', ')}. Undo brings it back.` : `${label}. Undo brings it back.`;
  }

  function mend(finding: ExplainedFinding, at = 0): void {
    const fix = finding.fixes[at];
    if (!fix) return;
    session?.editByPatches(finding.fixLabels[at]!, fix.patches);
    notice.value = `${finding.fixLabels[at]}: done.`;
  }

  /** Carries out the first fix of every finding of a check, as one edit. */
  function mendAll(checkId: string): void {
    if (!session || !agreement.value) return;
    const all = agreement.value.findings.filter((one) => one.check === checkId && one.fixes.length > 0);
    let mended = session.current;
    let count = 0;
    for (const finding of all) {
      try {
        mended = editByPatches(mended, finding.fixes[0]!.patches).plan;
        count += 1;
      } catch (error) {
        // An earlier fix already changed this place; the next check says whether anything is left.
        if (!(error instanceof PatchError)) throw error;
      }
    }
    session.editByPatches(`Mend all: ${all[0]?.title ?? checkId}`, diff(session.current, mended));
    notice.value = `${count} mended.`;
  }

  function undo(): void {
    const step = session?.undo();
    if (step) notice.value = `Undone: ${step.label}.`;
  }

  function redo(): void {
    const step = session?.redo();
    if (step) notice.value = `Done again: ${step.label}.`;
  }

  const selectedChannel = computed<Channel | null>(() => {
    const chosen = selection.value;
    return (chosen && plan.value?.codeplugs[chosen.radioId]?.channels.byId[chosen.channelId]) || null;
  });

  return {
    planId,
    plan,
    verdicts,
    agreement,
    isJudged,
    relayView,
    selection,
    seenAs,
    selectedChannel,
    saveState,
    saveDetail,
    isKept,
    notice,
    undoLabel,
    redoLabel,
    open,
    close,
    edit,
    remove,
    mend,
    mendAll,
    undo,
    redo,
    world,
    around,
    lookAround,
    keyUp,
    say,
    carrying: async () => (plan.value ? makerNow().carrying(plan.value, around.value) : null),
    /** Asks the worker, which has the plan as it is now; `null` before it has one. */
    ask: async <T>(work: (worker: Remote<Checker>) => Promise<T>) => (checker && plan.value ? work(checker) : null),
    proposals: async () => (plan.value ? makerNow().propose(plan.value) : []),
  };
});
