/**
 * A scenario: a plan with a fault, who talks at the far ends, what is done when, and what must come of it; then the cure,
 * and what comes of it with that. Times in a file are seconds; see `docs/formats.md`.
 */
import type { World } from '../path/world';
import { applyPatches, type Patch } from '../plan/patches';
import type { Destination, Id, Plan } from '../plan/types';
import type { RehearsedModes } from './mode-rehearse';
import { Run } from './run';
import type { Act, Cast, Happening, Talker } from './types';

export const SCENARIO_FORMAT = 'yellow-relay-scenario';
export const SCENARIO_FORMAT_VERSION = 1;

/** Something to do at a second. */
export type ScenarioAct = { atS: number } & (
  | { do: 'key'; radio: Id; channel: Id; forS: number }
  | { do: 'choose'; radio: Id; channel: Id }
  | { do: 'code'; radio: Id; code: Id }
  | { do: 'squelch'; radio: Id; open: boolean }
  | { do: 'sleep'; radio: Id; asleep: boolean }
  | { do: 'power'; site: Id; on: boolean; cut: boolean }
);

export interface ScenarioTalker {
  id: string;
  callSign: string;
  at: Destination;
  fromS: number;
  toS: number;
  overS: number;
  gapS: number;
  /** How much overs and gaps may differ, as a part of them: 0 to 1. */
  varies: number;
}

/** What must happen, or never does, within some seconds: those of its values that are named. */
export interface Expectation {
  fromS: number;
  toS: number;
  is: 'happens' | 'never';
  /** A happening, in part. */
  what: { kind: Happening['kind'] } & Record<string, unknown>;
  /** How often; without, at least once. */
  times?: number;
}

export interface Scenario {
  format: typeof SCENARIO_FORMAT;
  formatVersion: typeof SCENARIO_FORMAT_VERSION;
  id: string;
  /** What people say. */
  complaint: string;
  /** What is behind it, in a sentence or two. */
  why: string;
  /** The plan that ships with the scenarios, or one of its own. */
  plan: 'practice' | Plan;
  /** What is otherwise in the plan: the fault. */
  set: Patch[];
  /** What is true of sites at the beginning, by site and mode: links, groups that are awake until a time of the run. */
  world?: World['sites'];
  seed: number;
  untilS: number;
  talkers: ScenarioTalker[];
  /** Destinations that do not answer. */
  silent: Destination[];
  networks: Record<Id, { delayS: number; loss: number }>;
  acts: ScenarioAct[];
  expects: Expectation[];
  cure: {
    /** What to change, or to do otherwise. */
    words: string;
    /** What is set right in the plan, after `set`. */
    set: Patch[];
    /** What is done instead; `null`: the same. */
    acts: ScenarioAct[] | null;
    expects: Expectation[];
  };
  /** Checks whose findings it shows. */
  checks: string[];
}

/** With the fault, or cured. */
export type ScenarioRun = 'fault' | 'cure';

const ms = (seconds: number) => Math.round(seconds * 1000);

/** What is to be done, in milliseconds. */
export function actsOf(acts: readonly ScenarioAct[]): Act[] {
  return acts.flatMap((act): Act[] => {
    const atMs = ms(act.atS);
    switch (act.do) {
      case 'key':
        return [
          { kind: 'key down', radioId: act.radio, channelId: act.channel, atMs },
          { kind: 'key up', radioId: act.radio, atMs: ms(act.atS + act.forS) },
        ];
      case 'code':
        return [{ kind: 'send code', radioId: act.radio, codeId: act.code, atMs }];
      case 'choose':
        return [{ kind: 'choose', radioId: act.radio, channelId: act.channel, atMs }];
      case 'squelch':
        return [{ kind: 'squelch', radioId: act.radio, open: act.open, atMs }];
      case 'sleep':
        return [{ kind: 'sleep', radioId: act.radio, asleep: act.asleep, atMs }];
      case 'power':
        return [{ kind: 'power', siteId: act.site, on: act.on, cut: act.cut, atMs }];
    }
  });
}

/** Who is at the far ends, in milliseconds. */
export function castOf({ talkers, silent, networks }: Pick<Scenario, 'talkers' | 'silent' | 'networks'>): Cast {
  return {
    talkers: talkers.map((one): Talker => ({
      id: one.id,
      callSign: one.callSign,
      at: one.at,
      fromMs: ms(one.fromS),
      toMs: ms(one.toS),
      overMs: ms(one.overS),
      gapMs: ms(one.gapS),
      varies: one.varies,
    })),
    silent,
    networks: Object.fromEntries(
      Object.entries(networks).map(([id, { delayS, loss }]) => [id, { delayMs: ms(delayS), loss }]),
    ),
  };
}

/** A plan that is rehearsed with, with what is set in it. @throws PatchError where a patch does not fit the plan */
export function stationOf({ plan, set }: Pick<Scenario, 'plan' | 'set'>, practice: Plan): Plan {
  return applyPatches(plan === 'practice' ? practice : plan, set);
}

/** The plan of a scenario. @throws PatchError where a patch does not fit the plan */
export function planOf(scenario: Scenario, practice: Plan, which: ScenarioRun): Plan {
  const { plan, set, cure } = scenario;
  return stationOf({ plan, set: which === 'fault' ? set : [...set, ...cure.set] }, practice);
}

/** What a scenario is run with. `change`: of its plan, after all that it sets. */
export interface ScenarioOptions {
  modes: RehearsedModes;
  practice: Plan;
  change?: (plan: Plan) => Plan;
}

/** Runs a scenario to its end. */
export function runScenario(
  scenario: Scenario,
  which: ScenarioRun,
  { modes, practice, change = (plan) => plan }: ScenarioOptions,
): { plan: Plan; run: Run } {
  const plan = change(planOf(scenario, practice, which));
  const { seed, world } = scenario;
  const run = new Run(plan, { modes, cast: castOf(scenario), seed, ...(world ? { world } : {}) });
  const acts = which === 'cure' ? (scenario.cure.acts ?? scenario.acts) : scenario.acts;
  for (const act of actsOf(acts)) run.act(act);
  run.runTo(ms(scenario.untilS));
  return { plan, run };
}

const isObject = (value: unknown): value is Record<string, unknown> =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/** Whether a value has all that is named, as deep as it is named. */
export function has(value: unknown, part: unknown): boolean {
  if (isObject(part)) return isObject(value) && Object.entries(part).every(([key, one]) => has(value[key], one));
  if (Array.isArray(part))
    return Array.isArray(value) && part.length === value.length && part.every((one, at) => has(value[at], one));
  return value === part;
}

export interface Unmet {
  expectation: Expectation;
  /** How often it happened. */
  found: number;
}

/** The expectations that a run does not meet. */
export function unmet(expectations: readonly Expectation[], happened: readonly Happening[]): Unmet[] {
  return expectations.flatMap((expectation): Unmet[] => {
    const { fromS, toS, is, what, times } = expectation;
    const within = happened.filter((one) => one.atMs >= ms(fromS) && one.atMs <= ms(toS) && has(one, what));
    const found = within.length;
    const isMet = is === 'never' ? found === 0 : times === undefined ? found > 0 : found === times;
    return isMet ? [] : [{ expectation, found }];
  });
}

/** What a scenario expects of a run. */
export const expectedOf = (scenario: Scenario, which: ScenarioRun): readonly Expectation[] =>
  which === 'fault' ? scenario.expects : scenario.cure.expects;
