/** Every scenario that ships: its file, its fault, its cure, and the checks that it is said to show. */
import { readdirSync } from 'node:fs';
import { Ajv2020 } from 'ajv/dist/2020.js';
import { describe, expect, it } from 'vitest';
import { agreementOf } from '@relay/core/agreement/agreement';
import { validatePlan } from '@relay/core/plan/validate';
import { CHECKS } from '@relay/core/registries/checks';
import { MODES } from '@relay/core/registries/modes';
import { expectedOf, planOf, runScenario, unmet } from '@relay/core/rehearse/scenario';
import { SCENARIO_SCHEMA } from '@relay/core/rehearse/scenario-schema';
import { practicePlan } from './practice';
import { SCENARIOS } from './scenarios';
import { SHOWN_BY } from './scenarios/shown-by';

const practice = practicePlan();
const matches = new Ajv2020({ allErrors: true }).compile(SCENARIO_SCHEMA);

it('each file is in the registry, under its own name', () => {
  const files = readdirSync(new URL('scenarios', import.meta.url)).filter((name) => name.endsWith('.json'));
  expect(SCENARIOS.map(({ id }) => `${id}.json`).sort()).toEqual(files.sort());
  expect(SCENARIOS.length).toBeGreaterThanOrEqual(24);
});

it('the station of the scenarios is sound, and every call of it gets through', () => {
  expect(validatePlan(practice).problems).toEqual([]);
  expect(agreementOf(practice).findings.filter((one) => one.severity === 'broken')).toEqual([]);
});

it('what shows a check is told where its findings are', () => {
  const shown = SCENARIOS.flatMap(({ id, checks }) => checks.map((check) => [check, id]));
  expect(SHOWN_BY).toEqual(Object.fromEntries(shown));
});

describe.each(SCENARIOS.map((one) => [one.id, one] as const))('%s', (_, scenario) => {
  it('is as the schema says', () => {
    matches(scenario);
    expect(matches.errors ?? []).toEqual([]);
  });
  it.each(['fault', 'cure'] as const)('comes out as it is expected to: the %s', (which) => {
    const { plan, run } = runScenario(scenario, which, { modes: MODES, practice });
    expect(validatePlan(plan).problems).toEqual([]);
    expect(expectedOf(scenario, which).length).toBeGreaterThan(0);
    expect(unmet(expectedOf(scenario, which), run.happened)).toEqual([]);
  });
  it('shows what its checks say: they find its fault', () => {
    const found = new Set(agreementOf(planOf(scenario, practice, 'fault')).findings.map((one) => one.check));
    for (const id of scenario.checks) {
      expect(CHECKS.some((check) => check.id === id)).toBe(true);
      expect([...found]).toContain(id);
    }
  });
  it('the fault does not meet what is expected of the cure', () => {
    const { run } = runScenario(scenario, 'fault', { modes: MODES, practice });
    expect(unmet(scenario.cure.expects, run.happened)).not.toEqual([]);
  });
});
