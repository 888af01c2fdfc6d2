/**
 * raw → upgraded → checked against the schema → references → Plan.
 * Used by the server and the command line; a browser under a strict content policy cannot run it (it compiles code).
 */
import { Ajv2020 } from 'ajv/dist/2020.js';
import { dataOf, MODE_IDS } from './modes';
import { toPointer } from './patches';
import { recordsOf } from './records';
import { brokenReferences, tablesOf } from './references';
import { PLAN_SCHEMA } from './schema';
import { type Problem, problemsOf, show } from './problem';
import type { NetworkModeId, Plan } from './types';
import { UpgradeError, upgradePlan } from './upgrade';

export type Validated = { plan: Plan; problems: [] } | { plan: null; problems: Problem[] };

const MOST_PROBLEMS = 50;

const ajv = new Ajv2020({ allErrors: true, strict: true, strictRequired: false, verbose: true, discriminator: true });
const matches = ajv.compile<Plan>(PLAN_SCHEMA);

/** Keys of tables must be the ids of their rows; the schema cannot say so. */
function idProblems(plan: Plan): Problem[] {
  const problems: Problem[] = [];
  const checkTable = (table: { byId: Record<string, { id: string }> }, path: readonly string[]) => {
    for (const [key, row] of Object.entries(table.byId)) {
      if (row.id !== key)
        problems.push({ pointer: toPointer([...path, 'byId', key, 'id']), found: show(row.id), expected: show(key) });
    }
  };
  for (const kind of ['radios', 'sites', 'networks', 'wants'] as const) checkTable(plan[kind], [kind]);
  checkTable(plan.profiles, ['profiles']);
  for (const [id, network] of Object.entries(plan.networks.byId)) {
    for (const [name, table] of tablesOf(network)) checkTable(table, ['networks', 'byId', id, name]);
  }
  for (const mode of MODE_IDS) {
    const { sharedTables, profileTables } = dataOf(mode).references;
    for (const [name, table] of sharedTables(plan.shared[mode])) checkTable(table, ['shared', mode, name]);
    for (const { id, set } of Object.values(plan.profiles.byId)) {
      const block = set[mode as NetworkModeId];
      if (block && profileTables)
        for (const [name, table] of profileTables(block))
          checkTable(table, ['profiles', 'byId', id, 'set', mode, name]);
    }
  }
  for (const of of ['codeplugs', 'written'] as const) {
    for (const [id, codeplug] of Object.entries(plan[of])) {
      for (const kind of ['channels', 'zones'] as const) checkTable(codeplug[kind], [of, id, kind]);
      for (const { path, table } of recordsOf(codeplug)) checkTable(table, [of, id, ...path]);
    }
  }
  return problems;
}

/** What keeps a document from being read as a plan at all; its references are another matter. Empty when it is one. */
export function shapeProblems(document: unknown): Problem[] {
  if (!matches(document)) return problemsOf(matches.errors ?? []).slice(0, MOST_PROBLEMS);
  return idProblems(document);
}

/**
 * A document brought up to date and held against schema and references: the plan, or each problem with its place,
 * found and expected value.
 */
export function validatePlan(raw: unknown): Validated {
  let document: unknown;
  try {
    document = upgradePlan(raw);
  } catch (error) {
    if (!(error instanceof UpgradeError)) throw error;
    return { plan: null, problems: [{ pointer: error.pointer, found: error.found, expected: error.expected }] };
  }
  const problems = shapeProblems(document);
  if (problems.length > 0) return { plan: null, problems };
  const plan = document as Plan;
  const broken = brokenReferences(plan).map((one) => ({
    pointer: one.pointer,
    found: one.found,
    expected: 'a reference to something in the plan',
  }));
  return broken.length > 0 ? { plan: null, problems: broken.slice(0, MOST_PROBLEMS) } : { plan, problems: [] };
}
