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
import { hotspotsOf } from './sites';
import { type Problem, problemsOf, show } from './problem';
import type { NetworkModeId, Plan } from './types';
import { UpgradeError, upgradePlan } from './upgrade';

export type Validated = { plan: Plan; problems: [] } | { plan: null; problems: Problem[] };

const MOST_PROBLEMS = 50;

const ajv = new Ajv2020({ allErrors: true, strict: true, strictRequired: false, verbose: true, discriminator: true });
const matches = ajv.compile<Plan>(PLAN_SCHEMA);

/**
 * The same, quicker where most of a plan was found sound before: `once` holds a frozen value against its schema a
 * single time, since what cannot change stays sound. It says no more than yes or no.
 */
const fast = new Ajv2020({ strict: false, discriminator: true, validateSchema: false });
fast.addKeyword({
  keyword: 'once',
  compile(schema: object) {
    const found = new WeakSet<object>();
    const fits = fast.compile({ ...(withOnce(schema) as object), $defs: DEFINITIONS });
    return (data: unknown) => {
      if (typeof data !== 'object' || data === null) return fits(data);
      if (found.has(data)) return true;
      const isSound = fits(data);
      if (isSound && Object.isFrozen(data)) found.add(data);
      return isSound;
    };
  },
});

/** A schema whose tables, rows and lists are each looked at once. */
function withOnce(schema: unknown): unknown {
  if (Array.isArray(schema)) return schema.map(withOnce);
  if (typeof schema !== 'object' || schema === null) return schema;
  return Object.fromEntries(
    Object.entries(schema).map(([key, value]) => {
      const { additionalProperties: rows, type } = (value ?? {}) as { additionalProperties?: unknown; type?: unknown };
      const isMany = typeof rows === 'object' || type === 'array';
      if (key === 'additionalProperties' && typeof value === 'object') return [key, { once: value as unknown }];
      return [key, isMany ? { once: value as unknown } : withOnce(value)];
    }),
  );
}
const DEFINITIONS = withOnce(PLAN_SCHEMA['$defs']) as Record<string, unknown>;
let quick: ((document: unknown) => boolean) | null = null;

/** Whether a frozen document is known to fit; what is not frozen, or does not fit, is left to the schema itself. */
function isKnownSound(document: unknown): boolean {
  if (!Object.isFrozen(document)) return false;
  quick ??= fast.compile({ ...(withOnce(PLAN_SCHEMA) as object), $id: 'urn:yellow-relay:plan:quick' });
  return quick(document);
}

/** Tables whose rows were found to bear their keys. */
const keyed = new WeakSet<object>();

/** Keys of tables must be the ids of their rows; the schema cannot say so. */
function idProblems(plan: Plan): Problem[] {
  const problems: Problem[] = [];
  const checkTable = (table: { byId: Record<string, { id: string }> }, path: readonly string[]) => {
    if (keyed.has(table)) return;
    const before = problems.length;
    for (const [key, row] of Object.entries(table.byId)) {
      if (row.id !== key)
        problems.push({ pointer: toPointer([...path, 'byId', key, 'id']), found: show(row.id), expected: show(key) });
    }
    if (problems.length === before && Object.isFrozen(table)) keyed.add(table);
  };
  for (const kind of ['radios', 'sites', 'networks', 'wants', 'kits', 'kinds', 'channelRules'] as const)
    checkTable(plan[kind], [kind]);
  checkTable(plan.profiles, ['profiles']);
  for (const { id, set } of Object.values(plan.profiles.byId))
    if (set.wifi) checkTable(set.wifi, ['profiles', 'byId', id, 'set', 'wifi']);
  for (const site of hotspotsOf(plan)) checkTable(site.recall, ['sites', 'byId', site.id, 'recall']);
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
  if (!isKnownSound(document) && !matches(document)) return problemsOf(matches.errors ?? []).slice(0, MOST_PROBLEMS);
  return idProblems(document as Plan);
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
