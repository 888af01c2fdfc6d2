/** An exercise: something to be done on a simulated radio, step by step, with what may go wrong on the way. */
import { has, type Expectation, type Scenario, type ScenarioAct } from './scenario';
import type { Happening } from './types';

/** A happening, in part: those of its values that are named. */
export type Part = Expectation['what'];

export interface Exercise extends Pick<
  Scenario,
  'id' | 'plan' | 'set' | 'seed' | 'talkers' | 'silent' | 'networks' | 'world'
> {
  /** What is to be done. */
  goal: string;
  /** The radio that is keyed. */
  radio: string;
  /** What must happen, one after the other. `fromS`: not before. */
  steps: { words: string; what: Part; fromS: number }[];
  /** What may go wrong. `fails`: then one has to begin anew. */
  slips: { words: string; what: Part; fails: boolean }[];
  /** Told one at a time, when they are asked for. */
  hints: string[];
  /** One way of doing it. */
  solution: ScenarioAct[];
}

export interface Progress {
  /** When each step was met, ms; those that were not yet are missing at the end. */
  metMs: number[];
  slips: { atMs: number; words: string }[];
  state: 'under way' | 'passed' | 'failed';
}

/** How far one has come. Happenings in order of time. */
export function progressOf(
  { steps, slips }: Pick<Exercise, 'steps' | 'slips'>,
  happened: readonly Happening[],
): Progress {
  const progress: Progress = { metMs: [], slips: [], state: 'under way' };
  for (const one of happened) {
    const slip = slips.find(({ what }) => has(one, what));
    if (slip) {
      progress.slips.push({ atMs: one.atMs, words: slip.words });
      if (slip.fails) return { ...progress, state: 'failed' };
    }
    const step = steps[progress.metMs.length];
    if (step && one.atMs >= step.fromS * 1000 && has(one, step.what)) progress.metMs.push(one.atMs);
    if (progress.metMs.length === steps.length) return { ...progress, state: 'passed' };
  }
  return progress;
}

/** What went wrong in a scenario is done better by hand: its cure is the goal. */
export function exerciseOf(scenario: Scenario): Exercise {
  const { id, plan, seed, talkers, silent, networks, cure, world } = scenario;
  const acts = cure.acts ?? scenario.acts;
  const keys = acts.find((act) => act.do === 'key');
  return {
    id: `scenario-${id}`,
    plan,
    set: [...scenario.set, ...cure.set],
    seed,
    talkers,
    silent,
    networks,
    ...(world ? { world } : {}),
    goal: `“${scenario.complaint}” Do it so that this does not happen.`,
    radio: keys?.do === 'key' ? keys.radio : '',
    steps: cure.expects.filter(({ is }) => is === 'happens').map(({ what }) => ({ words: cure.words, what, fromS: 0 })),
    slips: scenario.expects
      .filter(({ is, what }) => is === 'happens' && (what.kind === 'lost' || what.kind === 'refused'))
      .map(({ what }) => ({ words: scenario.why, what, fails: false })),
    hints: [scenario.why, cure.words],
    solution: [...acts],
  };
}

/** Under which one’s own results are kept in a plan. */
export const doneId = (exercise: Pick<Exercise, 'id'>): string => `exercise.${exercise.id}`;
