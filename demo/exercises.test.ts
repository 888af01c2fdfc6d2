/** Every exercise that ships: it can be passed, is not passed by itself, and each of its slips can be made. */
import { readdirSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { validatePlan } from '@relay/core/plan/validate';
import { MODES } from '@relay/core/registries/modes';
import { type Exercise, exerciseOf, progressOf } from '@relay/core/rehearse/exercise';
import { Run } from '@relay/core/rehearse/run';
import { actsOf, castOf, type ScenarioAct, stationOf } from '@relay/core/rehearse/scenario';
import { EXERCISES } from './exercises';
import { practicePlan } from './practice';
import { SCENARIOS } from './scenarios';

const practice = practicePlan();
const UNTIL_MS = 900_000;

function tried(exercise: Exercise, acts: readonly ScenarioAct[]) {
  const plan = stationOf(exercise, practice);
  const run = new Run(plan, { modes: MODES, cast: castOf(exercise), seed: exercise.seed });
  for (const act of actsOf(acts)) run.act(act);
  run.runTo(UNTIL_MS);
  return { plan, progress: progressOf(exercise, run.happened) };
}

it('each file is in the list, under its own name; there are twelve', () => {
  const files = readdirSync(new URL('exercises', import.meta.url)).filter((name) => name.endsWith('.json'));
  expect(EXERCISES.map(({ id }) => `${id}.json`).sort()).toEqual(files.sort());
  expect(EXERCISES).toHaveLength(12);
});

describe.each(EXERCISES.map((one) => [one.id, one] as const))('%s', (_, exercise) => {
  it('is passed by its solution, without a slip', () => {
    const { plan, progress } = tried(exercise, exercise.solution);
    expect(validatePlan(plan).problems).toEqual([]);
    expect(progress).toMatchObject({ state: 'passed', slips: [] });
    expect(progress.metMs).toEqual([...progress.metMs].sort((a, b) => a - b));
  });
  it('is not passed by doing nothing, nor by the half of it', () => {
    expect(tried(exercise, []).progress.state).toBe('under way');
    const keys = exercise.solution.filter((act) => act.do === 'key');
    if (keys.length > 1) expect(tried(exercise, exercise.solution.slice(0, -1)).progress.state).toBe('under way');
  });
  it('is kept by the radio that it names', () => {
    expect(practice.radios.byId[exercise.radio]).toBeDefined();
    expect(exercise.hints.length).toBeGreaterThan(0);
  });
});

describe('what goes wrong is told with its second', () => {
  const exercise = (id: string) => EXERCISES.find((one) => one.id === id)!;
  it('a key-up that is too short', () => {
    const short = { atS: 2, do: 'key', radio: 'handheld', channel: 'ch-w-g591', forS: 0.1 } as const;
    expect(tried(exercise('wake-and-talk'), [short]).progress).toMatchObject({
      state: 'under way',
      slips: [{ atMs: 2_100, words: expect.stringContaining('too short') as string }],
    });
  });
  it('a command while the hotspot sends', () => {
    const early = { atS: 5, do: 'key', radio: 'rambler', channel: 'ch-w-room-evening-disconnect', forS: 2 } as const;
    expect(tried(exercise('leave-a-busy-room'), [early]).progress.slips).toMatchObject([{ atMs: 5_000 }]);
  });
  it('talking without a link', () => {
    const talk = { atS: 2, do: 'key', radio: 'pilot', channel: 'ch-w-evening-talk', forS: 4 } as const;
    expect(tried(exercise('link-talk-unlink'), [talk]).progress.slips).toHaveLength(1);
  });
});

describe.each(SCENARIOS.map((one) => [one.id, one] as const))('the complaint %s as an exercise', (_, scenario) => {
  it('is passed by its cure', () => {
    const exercise = exerciseOf(scenario);
    expect(exercise.steps.length).toBeGreaterThan(0);
    expect(tried(exercise, exercise.solution).progress.state).toBe('passed');
  });
});
