/** The API in OpenAPI 3.1, published as `docs/openapi.json`. Tests hold each route and each answer against it. */
import { SCENARIO_SCHEMA } from '@relay/core/rehearse/scenario-schema';
import {
  CORRECTIONS_SCHEMA,
  CORRECTION_BODY,
  FILED_SCHEMA,
  FOUND_SCHEMA,
  HELD_BODY,
  HELD_SCHEMA,
  IMPORTED_SCHEMA,
  LIST_SCHEMA,
  MAP_SCHEMA,
  NEAR_SCHEMA,
  PREVIEW_SCHEMA,
  TRIP_BODY,
  TRIP_SCHEMA,
  USE_SCHEMA,
} from './http/list-schemas';
import {
  CREATE_BODY,
  DUPLICATE_BODY,
  EDITED_SCHEMA,
  EDITS_BODY,
  EDIT_ROW_SCHEMA,
  OPENED_SCHEMA,
  PROBE_BODY,
  PROBE_SCHEMA,
  PROBLEM_SCHEMA,
  SESSION_BODY,
  SUMMARY_SCHEMA,
} from './http/schemas';

import { LISTED_MODES } from '@relay/core/lists/types';

const json = (schema: object) => ({ content: { 'application/json': { schema } } });
const answer = (description: string, schema: object) => ({ description, ...json(schema) });
const problem = (description: string) => ({
  description,
  content: { 'application/problem+json': { schema: PROBLEM_SCHEMA } },
});
const id = { name: 'id', in: 'path', required: true, schema: { type: 'string', format: 'uuid' } };
const line = { name: 'line', in: 'path', required: true, schema: { type: 'integer', minimum: 1 } };
const query = (name: string, schema: object, required = false) => ({ name, in: 'query', required, schema });
const file = { content: { 'application/octet-stream': {} } };
const status = { type: 'object', required: ['status'], properties: { status: { type: 'string' } } };
const health = {
  type: 'object',
  required: ['status', 'eventLoop'],
  properties: {
    status: { type: 'string' },
    /** How long anything held the server's thread at worst, and in how many quarters of a second longer than 50 ms. */
    eventLoop: {
      type: 'object',
      required: ['worstMs', 'held', 'worstWaitMs'],
      properties: { worstMs: { type: 'integer' }, held: { type: 'integer' }, worstWaitMs: { type: 'integer' } },
    },
  },
};
const notFound = { 404: problem('No such plan') };

const document = {
  openapi: '3.1.0',
  info: {
    title: 'Yellow Relay',
    version: '1',
    description:
      'Plans, their edits (RFC 6902 patches made on a version) and their history. Errors are problem documents (RFC 9457).',
  },
  servers: [{ url: '/api/v1' }],
  paths: {
    '/health': {
      get: { summary: 'The process answers, and how free its thread is', responses: { 200: answer('Yes', health) } },
    },
    '/session': {
      post: {
        summary: 'Sign in with the shared password; the answer sets a cookie',
        requestBody: json(SESSION_BODY),
        responses: {
          204: { description: 'Signed in' },
          401: problem('Not the password'),
          404: problem('No password is needed'),
          429: problem('Too many tries; says how long to wait'),
        },
      },
      delete: { summary: 'Sign out', responses: { 204: { description: 'Signed out' } } },
    },
    '/ready': {
      get: {
        summary: 'The database answers',
        responses: { 200: answer('Yes', status), 503: answer('Not now', status) },
      },
    },
    '/openapi.json': {
      get: { summary: 'This document', responses: { 200: answer('OpenAPI 3.1', { type: 'object' }) } },
    },
    '/plans': {
      get: {
        summary: 'Plans by name; with `deleted=true` those that can be restored',
        parameters: [{ name: 'deleted', in: 'query', schema: { enum: ['true', 'false'] } }],
        responses: { 200: answer('Plans', { type: 'array', items: SUMMARY_SCHEMA }) },
      },
      post: {
        summary: 'New plan: empty, from the demo, or from a document',
        requestBody: json(CREATE_BODY),
        responses: { 201: answer('Made', SUMMARY_SCHEMA), 422: problem('Not a sound plan; says where') },
      },
    },
    '/plans/{id}': {
      parameters: [id],
      get: {
        summary: 'The plan with its recent edits',
        responses: { 200: answer('Plan', OPENED_SCHEMA), ...notFound },
      },
      patch: {
        summary: 'Edits made on a version, all or none',
        requestBody: json(EDITS_BODY),
        responses: {
          200: answer('The new version', EDITED_SCHEMA),
          ...notFound,
          409: problem(
            'Made on an older version, and what happened since touches the same; `since` holds it, or is null where it is no longer at hand',
          ),
          422: problem('Does not fit, or the plan would not be sound'),
        },
      },
      delete: {
        summary: 'Delete; can be restored',
        responses: { 200: answer('Deleted', SUMMARY_SCHEMA), ...notFound },
      },
    },
    '/plans/{id}/edits': {
      parameters: [id],
      get: {
        summary: 'Edits after a version',
        parameters: [{ name: 'after', in: 'query', schema: { type: 'integer' } }],
        responses: {
          200: answer('Edits, at most a thousand', { type: 'array', items: EDIT_ROW_SCHEMA }),
          ...notFound,
          422: problem('Not a version'),
        },
      },
    },
    '/plans/{id}/events': {
      parameters: [id],
      get: {
        summary: 'Server-sent events: `version` when there is a new one',
        responses: { 200: { description: 'Stream', content: { 'text/event-stream': {} } }, ...notFound },
      },
    },
    '/plans/{id}/duplicate': {
      parameters: [id],
      post: {
        summary: 'A copy under another name',
        requestBody: json(DUPLICATE_BODY),
        responses: { 201: answer('Made', SUMMARY_SCHEMA), ...notFound },
      },
    },
    '/plans/{id}/erase': {
      parameters: [id],
      post: {
        summary: 'Take a deleted plan away for good, with its history and its secrets',
        responses: { 204: { description: 'Gone' }, 404: problem('No such deleted plan') },
      },
    },
    '/plans/{id}/restore': {
      parameters: [id],
      post: {
        summary: 'Bring a deleted plan back',
        responses: { 200: answer('Restored', SUMMARY_SCHEMA), ...notFound },
      },
    },
    '/lists': {
      get: {
        summary: 'Imported lists of sites, by name; with `forgotten=true` those that can be brought back',
        parameters: [query('forgotten', { enum: ['true', 'false'] })],
        responses: { 200: answer('Lists', { type: 'array', items: LIST_SCHEMA }) },
      },
      post: {
        summary:
          'Import a list, whole or not at all: a table in any layout, or GeoJSON; columns are guessed, or taken as the last time, unless `fields` names them. Whoever accepts `application/x-ndjson` gets a line `{done, of}` after each step, then `{answer}` or `{problem}`',
        parameters: [
          query('name', { type: 'string', maxLength: 100 }, true),
          query('source', { type: 'string' }),
          query('licence', { type: 'string' }),
          query('issuedOn', { type: 'string', format: 'date' }),
          query('fields', { type: 'string' }),
        ],
        requestBody: file,
        responses: {
          201: answer('Imported', IMPORTED_SCHEMA),
          413: problem('Too large'),
          422: problem('No list, or nothing in it that can be read'),
        },
      },
    },
    '/lists/preview': {
      post: {
        summary: 'What an import would take, and what each column was taken for; nothing is stored',
        parameters: [query('fields', { type: 'string' }), query('name', { type: 'string' })],
        requestBody: file,
        responses: {
          200: answer('Preview', PREVIEW_SCHEMA),
          413: problem('Too large'),
          422: problem('An unknown field'),
        },
      },
    },
    '/lists/{id}': {
      parameters: [id],
      delete: {
        summary: 'Forget a list and its sites; it can be brought back for 30 days, and corrections stay',
        responses: { 204: { description: 'Forgotten' }, 404: problem('No such list') },
      },
    },
    '/lists/{id}/restore': {
      parameters: [id],
      post: {
        summary: 'Bring a forgotten list back',
        responses: { 204: { description: 'Back' }, 404: problem('No such forgotten list') },
      },
    },
    '/lists/{id}/use': {
      parameters: [id],
      get: {
        summary: 'Who would miss a list: plans that took sites from it, and its corrections',
        responses: { 200: answer('Use', USE_SCHEMA), 404: problem('No such list') },
      },
    },
    '/lists/{id}/sites': {
      parameters: [id],
      get: {
        summary: 'The sites of a list, in its order, as corrected',
        parameters: [query('limit', { type: 'integer', minimum: 1, maximum: 100_000 })],
        responses: { 200: answer('Sites', { type: 'array', items: FILED_SCHEMA }), 404: problem('No such list') },
      },
    },
    '/lists/{id}/corrections': {
      parameters: [id],
      get: {
        summary: 'What users put above a list’s values, for its keeper',
        responses: { 200: answer('Corrections', CORRECTIONS_SCHEMA), 404: problem('No such list') },
      },
    },
    '/lists/{id}/sites/{line}/corrections': {
      parameters: [id, line],
      put: {
        summary: 'Correct one field of a site; it outlives newer versions of the list',
        requestBody: json(CORRECTION_BODY),
        responses: {
          204: { description: 'Corrected' },
          404: problem('No such site'),
          422: problem('Cannot be read; says what is expected'),
        },
      },
    },
    '/lists/{id}/sites/{line}/corrections/{field}': {
      parameters: [id, line, { name: 'field', in: 'path', required: true, schema: { type: 'string' } }],
      delete: {
        summary: 'The list’s own value holds again',
        responses: { 204: { description: 'Taken back' }, 404: problem('No such field') },
      },
    },
    '/lists/{id}/held': {
      parameters: [id],
      post: {
        summary: 'Which of these sites the list still holds, in their order',
        requestBody: json(HELD_BODY),
        responses: { 200: answer('One answer a site', HELD_SCHEMA), 404: problem('No such list') },
      },
    },
    '/sites/near': {
      get: {
        summary: 'Sites nearest first, with distance (metres) and bearing (degrees) on WGS 84',
        parameters: [
          query('lat', { type: 'number' }, true),
          query('lon', { type: 'number' }, true),
          query('limit', { type: 'integer' }),
          query('mode', { enum: LISTED_MODES }),
          query('lowHz', { type: 'number' }),
          query('highHz', { type: 'number' }),
          query('network', { type: 'string' }),
          query('status', { enum: ['on the air', 'off the air', 'not said'] }),
          query('country', { type: 'string', maxLength: 60 }),
          query('withinM', { type: 'number' }),
        ],
        responses: { 200: answer('Sites', { type: 'array', items: NEAR_SCHEMA }), 422: problem('No position') },
      },
    },
    '/sites/find': {
      get: {
        summary:
          'Sites by words: parts of a call sign, name or place, or the beginning of a frequency in MHz; also those without a position',
        parameters: [
          query('words', { type: 'string' }),
          query('placed', { enum: ['false'] }),
          query('lat', { type: 'number' }),
          query('lon', { type: 'number' }),
          query('limit', { type: 'integer' }),
          query('mode', { enum: LISTED_MODES }),
          query('lowHz', { type: 'number' }),
          query('highHz', { type: 'number' }),
          query('network', { type: 'string' }),
          query('status', { enum: ['on the air', 'off the air', 'not said'] }),
          query('country', { type: 'string', maxLength: 60 }),
        ],
        responses: { 200: answer('Sites', FOUND_SCHEMA), 422: problem('No position') },
      },
    },
    '/sites/map': {
      get: {
        summary: 'Every site with a position, column by column, for a map',
        responses: { 200: answer('Columns of equal length', MAP_SCHEMA) },
      },
    },
    '/sites/along': {
      post: {
        summary: 'Sites along a trip, in the order of travel, and the stretches without any',
        requestBody: json(TRIP_BODY),
        responses: { 200: answer('Trip', TRIP_SCHEMA), 422: problem('No trip') },
      },
    },
    '/scenarios/check': {
      post: {
        summary: 'Whether a scenario can be rehearsed: its own form, its plan with the fault and cured, what it names',
        requestBody: json(SCENARIO_SCHEMA),
        responses: { 204: { description: 'It can' }, 422: problem('It cannot; each place with what was found there') },
      },
    },
    '/probes': {
      post: {
        summary:
          'Measure the delay of a server: five probes over a simulated line; `delay` is null when none was answered',
        requestBody: json(PROBE_BODY),
        responses: { 200: answer('Measured', PROBE_SCHEMA), 422: problem('No host') },
      },
    },
  },
};

/** What any operation may answer. */
const ALWAYS = {
  401: problem('Not signed in, where this server asks for a password'),
  503: problem('The database does not answer, or the server is busy; `Retry-After` says when to try again'),
};
const WITHOUT = new Set(['/health', '/ready', '/openapi.json', '/session']);

type Operation = { responses: Record<number, object> };

export const openApi = {
  ...document,
  paths: Object.fromEntries(
    Object.entries(document.paths).map(([path, item]) => [
      path,
      WITHOUT.has(path)
        ? item
        : Object.fromEntries(
            Object.entries(item as Record<string, Operation>).map(([method, operation]) => [
              method,
              method === 'parameters' ? operation : { ...operation, responses: { ...ALWAYS, ...operation.responses } },
            ]),
          ),
    ]),
  ) as typeof document.paths,
};
