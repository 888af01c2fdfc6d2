/**
 * raw → checked against the schema → its plans with fault and cure, checked → what it names in them → Scenario.
 * Used by the server and by tests; a browser under a strict content policy cannot run it (it compiles code).
 */
import { Ajv2020 } from 'ajv/dist/2020.js';
import { MODE_IDS } from '../plan/modes';
import { PatchError } from '../plan/patches';
import { type Problem, problemsOf } from '../plan/problem';
import type { Destination, Plan } from '../plan/types';
import { validatePlan } from '../plan/validate';
import type { RehearsedModes } from './mode-rehearse';
import { planOf, type Scenario, type ScenarioAct } from './scenario';
import { SCENARIO_SCHEMA } from './scenario-schema';

export type ReadScenario = { scenario: Scenario; problems: [] } | { scenario: null; problems: Problem[] };

const MOST_PROBLEMS = 20;
const matches = new Ajv2020({ allErrors: true, strict: false, verbose: true }).compile(SCENARIO_SCHEMA);

/** What an act names that the plan has not. */
function actProblem(plan: Plan, modes: RehearsedModes, act: ScenarioAct, pointer: string): Problem | null {
  if (act.do === 'power')
    return plan.sites.byId[act.site]
      ? null
      : { pointer: `${pointer}/site`, found: act.site, expected: `one of ${plan.sites.order.join(', ')}` };
  if (!plan.radios.byId[act.radio])
    return { pointer: `${pointer}/radio`, found: act.radio, expected: `one of ${plan.radios.order.join(', ')}` };
  if (act.do === 'code') {
    const kept = Object.values(modes).some(
      ({ recall }) => recall?.codes?.of(plan.codeplugs[act.radio]!).byId[act.code],
    );
    return kept ? null : { pointer: `${pointer}/code`, found: act.code, expected: `a tone code of ${act.radio}` };
  }
  if (act.do !== 'key' && act.do !== 'choose') return null;
  return plan.codeplugs[act.radio]!.channels.byId[act.channel]
    ? null
    : { pointer: `${pointer}/channel`, found: act.channel, expected: `a channel of ${act.radio}` };
}

/** A destination that the plan has not, or that nobody talks at. */
function placeProblem(plan: Plan, modes: RehearsedModes, at: Destination, pointer: string): Problem | null {
  if (modes[at.mode].rehearse.place(plan, at)) return null;
  return { pointer, found: JSON.stringify(at), expected: 'a destination of the plan that is talked at' };
}

/** States of sites that the plan has not, or that no machine could go on from. */
function worldProblems(plan: Plan, modes: RehearsedModes, world: NonNullable<Scenario['world']>): Problem[] {
  return Object.entries(world).flatMap(([siteId, states]) => {
    const site = plan.sites.byId[siteId];
    if (!site)
      return [{ pointer: `/world/${siteId}`, found: siteId, expected: `one of ${plan.sites.order.join(', ')}` }];
    return Object.entries(states).flatMap(([mode, state]): Problem[] => {
      const known = MODE_IDS.find((id) => id === mode && site[id] !== null);
      const pointer = `/world/${siteId}/${mode}`;
      if (!known) return [{ pointer, found: mode, expected: `a mode of ${site.name}` }];
      const found = JSON.stringify(state);
      return modes[known].rehearse.isState(state)
        ? []
        : [{ pointer, found, expected: `a state of ${modes[known].name}` }];
    });
  });
}

function planProblems(
  scenario: Scenario,
  practice: Plan,
  which: 'fault' | 'cure',
): { plan: Plan | null; problems: Problem[] } {
  const at = which === 'fault' ? '/set' : '/cure/set';
  try {
    const { plan, problems } = validatePlan(planOf(scenario, practice, which));
    return { plan, problems: problems.map((one) => ({ ...one, pointer: `${at}: ${one.pointer}` })) };
  } catch (error) {
    if (!(error instanceof PatchError)) throw error;
    const { pointer, found, expected } = error;
    return { plan: null, problems: [{ pointer: `${at}: ${pointer}`, found, expected }] };
  }
}

/**
 * A scenario as somebody gave it.
 * @param practice the plan of those that bring none
 */
export function readScenario(raw: unknown, practice: Plan, modes: RehearsedModes): ReadScenario {
  const refused = (problems: Problem[]): ReadScenario => ({
    scenario: null,
    problems: problems.slice(0, MOST_PROBLEMS),
  });
  if (!matches(raw)) return refused(problemsOf(matches.errors ?? []));
  const scenario = raw as Scenario;
  if (scenario.plan !== 'practice') {
    const { problems } = validatePlan(scenario.plan);
    if (problems.length > 0) return refused(problems.map((one) => ({ ...one, pointer: `/plan${one.pointer}` })));
  }
  const [fault, cure] = [planProblems(scenario, practice, 'fault'), planProblems(scenario, practice, 'cure')];
  if (!fault.plan || !cure.plan) return refused([...fault.problems, ...cure.problems]);
  const { plan } = fault;
  const problems = [
    ...scenario.acts.map((act, at) => actProblem(plan, modes, act, `/acts/${at}`)),
    ...(scenario.cure.acts ?? []).map((act, at) => actProblem(plan, modes, act, `/cure/acts/${at}`)),
    ...scenario.talkers.map((one, at) => placeProblem(plan, modes, one.at, `/talkers/${at}/at`)),
    ...scenario.silent.map((one, at) => placeProblem(plan, modes, one, `/silent/${at}`)),
    ...worldProblems(plan, modes, scenario.world ?? {}),
  ].filter((one) => one !== null);
  return problems.length > 0 ? refused(problems) : { scenario, problems: [] };
}
