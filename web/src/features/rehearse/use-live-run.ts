/** A run that goes on with the clock: faster, stopped, or step by step. */
import { onBeforeUnmount, ref, shallowRef } from 'vue';
import { Run } from '@relay/core/rehearse/run';
import { type Cast, NOBODY, type Talker } from '@relay/core/rehearse/types';
import type { World } from '@relay/core/path/world';
import type { Plan } from '@relay/core/plan/types';
import { MODES } from '@relay/core/registries/modes';

/** So often the page is drawn while time runs. */
const DRAW_MS = 80;
/** After a pause of the whole page (a closed lid) time goes on from where it was. */
const MOST_STEP_MS = 500;

export type Pace = 0 | 1 | 10;

/** What a run is of. Without a seed each one is another. */
export interface LiveOf {
  plan: Plan;
  today: string;
  cast: Cast | undefined;
  seed: number | undefined;
  world: World['sites'] | undefined;
}

export function useLiveRun(of: () => LiveOf) {
  const pace = ref<Pace>(1);
  const nowMs = ref(0);
  /** Counts up with what happens, so that what is drawn of the run is drawn anew. */
  const version = ref(0);
  const talkers = shallowRef<readonly Talker[]>([]);
  const run = shallowRef<Run>(make());
  let last = performance.now();

  function make(): Run {
    const { plan, today, world, cast = NOBODY, seed = Math.floor(Math.random() * 1e9) } = of();
    return new Run(plan, {
      modes: MODES,
      today,
      seed,
      ...(world ? { world } : {}),
      cast: { ...cast, talkers: [...cast.talkers, ...talkers.value] },
    });
  }

  function runTo(ms: number): void {
    run.value.runTo(ms);
    nowMs.value = run.value.nowMs;
    version.value += 1;
  }

  function beat(): void {
    const now = performance.now();
    const passed = Math.min(MOST_STEP_MS, now - last);
    last = now;
    if (pace.value > 0) runTo(nowMs.value + passed * pace.value);
  }
  const timer = window.setInterval(beat, DRAW_MS);
  onBeforeUnmount(() => window.clearInterval(timer));

  /** To what happens next; a tenth of a second where nothing will. */
  function step(): void {
    pace.value = 0;
    runTo(run.value.nextMs ?? nowMs.value + 100);
  }

  function begin(): void {
    talkers.value = talkers.value.map((one) => ({ ...one, fromMs: 0 }));
    run.value = make();
    runTo(0);
  }

  function add(talker: Talker): void {
    talkers.value = [...talkers.value, talker];
    run.value.addTalker({ ...talker, fromMs: nowMs.value });
  }

  /** What was done by hand is done now, whatever the pace. */
  function act(what: Parameters<Run['act']>[0]): void {
    run.value.act(what);
    runTo(nowMs.value);
  }

  return { run, pace, nowMs, version, talkers, step, begin, add, act };
}
