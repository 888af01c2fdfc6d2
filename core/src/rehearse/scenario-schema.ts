/** The schema of a scenario’s file, for who reads one that somebody else made. */
import { NETWORK_MODE_IDS } from '../plan/modes';
import { type Schema, exact, line, mapOf } from '../plan/schema-parts';
import { SCENARIO_FORMAT, SCENARIO_FORMAT_VERSION } from './scenario';

const SECONDS: Schema = { type: 'number', minimum: 0, maximum: 90_000 };
const PART: Schema = { type: 'number', minimum: 0, maximum: 1 };
const ID: Schema = line(64, 1);
const TEXT = line(600, 1);
const YES: Schema = { type: 'boolean' };
const list = (items: Schema, maxItems = 500): Schema => ({ type: 'array', items, maxItems });
const act = (what: string, more: Record<string, Schema>): Schema =>
  exact({ atS: SECONDS, do: { const: what }, ...more });

/** A destination as the plan has it; whether the plan has that one is looked at when it is run. */
const DESTINATION: Schema = {
  type: 'object',
  required: ['mode', 'kind'],
  properties: { mode: { enum: [...NETWORK_MODE_IDS] }, kind: { type: 'string' } },
};
const PATCH: Schema = {
  type: 'object',
  required: ['op', 'path'],
  additionalProperties: false,
  properties: { op: { enum: ['add', 'replace', 'remove'] }, path: line(500), value: {} },
};
const ACT: Schema = {
  oneOf: [
    act('key', { radio: ID, channel: ID, forS: SECONDS }),
    act('choose', { radio: ID, channel: ID }),
    act('code', { radio: ID, code: ID }),
    act('squelch', { radio: ID, open: YES }),
    act('sleep', { radio: ID, asleep: YES }),
    act('power', { site: ID, on: YES, cut: YES }),
  ],
};
const EXPECTATION: Schema = {
  type: 'object',
  required: ['fromS', 'toS', 'is', 'what'],
  additionalProperties: false,
  properties: {
    fromS: SECONDS,
    toS: SECONDS,
    is: { enum: ['happens', 'never'] },
    what: { type: 'object', required: ['kind'], properties: { kind: { type: 'string' } } },
    times: { type: 'integer', minimum: 0, maximum: 1_000_000 },
  },
};
const TALKER = exact({
  id: ID,
  callSign: line(10, 1),
  at: DESTINATION,
  fromS: SECONDS,
  toS: SECONDS,
  overS: SECONDS,
  gapS: SECONDS,
  varies: PART,
});

/** The same with keys that may be left out. */
const withOptional = (schema: Schema, more: Record<string, Schema>): Schema => ({
  ...schema,
  properties: { ...(schema['properties'] as Record<string, Schema>), ...more },
});

export const SCENARIO_SCHEMA: Schema = {
  $schema: 'https://json-schema.org/draft/2020-12/schema',
  title: 'A scenario to rehearse',
  ...withOptional(
    exact({
      format: { const: SCENARIO_FORMAT },
      formatVersion: { const: SCENARIO_FORMAT_VERSION },
      id: ID,
      complaint: TEXT,
      why: TEXT,
      plan: { anyOf: [{ const: 'practice' }, { type: 'object', description: 'A plan: see plan.schema.json.' }] },
      set: list(PATCH),
      seed: { type: 'integer', minimum: 0, maximum: 2_147_483_647 },
      untilS: SECONDS,
      talkers: list(TALKER, 200),
      silent: list(DESTINATION),
      networks: mapOf(exact({ delayS: SECONDS, loss: PART })),
      acts: list(ACT, 2_000),
      expects: list(EXPECTATION),
      cure: exact({
        words: TEXT,
        set: list(PATCH),
        acts: { anyOf: [{ type: 'null' }, list(ACT, 2_000)] },
        expects: list(EXPECTATION),
      }),
      checks: list(ID),
    }),
    { world: mapOf(mapOf({ type: 'object' })) },
  ),
};
