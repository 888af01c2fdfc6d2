/** Bodies of the API for lists, their sites and corrections. */
import { CORRECTABLE } from '@relay/core/lists/corrections';
import { LISTED_MODES } from '@relay/core/lists/types';
import { LINE, orNull, UUID } from './schemas';

const FINDING = {
  type: 'object',
  required: ['line', 'place', 'found', 'expected'],
  properties: {
    line: { type: ['integer', 'null'] },
    place: { type: 'string' },
    found: { type: 'string' },
    expected: { type: 'string' },
  },
  additionalProperties: false,
};
const COUNTS = {
  good: { type: 'integer' },
  doubtful: { type: 'integer' },
  rejected: { type: 'integer' },
  findings: { type: 'array', items: FINDING },
};
const COLUMN = {
  type: 'object',
  required: ['title', 'field', 'factor', 'confidence'],
  properties: {
    title: { type: 'string' },
    field: { type: 'string' },
    factor: { type: 'number' },
    confidence: { type: 'number' },
    letters: { type: 'string' },
    dayOrder: { type: 'string' },
    question: { type: 'string' },
  },
  additionalProperties: false,
};

export const USE_SCHEMA = {
  type: 'object',
  required: ['plans', 'corrections'],
  properties: { plans: { type: 'array', items: { type: 'string' } }, corrections: { type: 'integer' } },
  additionalProperties: false,
};

export const LIST_SCHEMA = {
  type: 'object',
  required: ['id', 'name', 'source', 'licence', 'issuedOn', 'layout', 'sites', 'countries', 'importedAt'],
  properties: {
    id: UUID,
    name: { type: 'string' },
    source: { type: 'string' },
    licence: { type: 'string' },
    issuedOn: { type: ['string', 'null'] },
    layout: { type: 'string' },
    sites: { type: 'integer' },
    countries: { type: 'array', items: { type: 'string' } },
    importedAt: { type: 'string' },
  },
  additionalProperties: false,
};

export const PREVIEW_SCHEMA = {
  type: 'object',
  required: [
    'layout',
    'headed',
    'header',
    'columns',
    'sample',
    'unread',
    'difference',
    'alike',
    'rejectedLines',
    'good',
    'doubtful',
    'rejected',
    'findings',
  ],
  properties: {
    layout: { type: 'string' },
    headed: { type: 'boolean' },
    header: { anyOf: [{ type: 'null' }, { type: 'array', items: { type: 'string' } }] },
    rejectedLines: {
      type: 'array',
      items: {
        type: 'object',
        required: ['line', 'cells', 'why'],
        properties: {
          line: { type: 'integer' },
          cells: { type: 'array', items: { type: 'string' } },
          why: { type: 'string' },
        },
        additionalProperties: false,
      },
    },
    columns: { type: 'array', items: COLUMN },
    sample: { type: 'array', items: { type: 'array', items: { type: 'string' } } },
    unread: {
      type: 'array',
      items: {
        type: 'object',
        required: ['title', 'filled'],
        properties: { title: { type: 'string' }, filled: { type: 'integer' } },
        additionalProperties: false,
      },
    },
    /** A list of another name that knows most of these sites. */
    alike: orNull({
      type: 'object',
      required: ['name', 'share'],
      properties: { name: { type: 'string' }, share: { type: 'number' } },
      additionalProperties: false,
    }),
    difference: { anyOf: [{ type: 'null' }, { type: 'object', required: ['fresh', 'changed', 'same', 'gone'] }] },
    ...COUNTS,
  },
  additionalProperties: false,
};

export const IMPORTED_SCHEMA = {
  type: 'object',
  required: ['list', 'good', 'doubtful', 'rejected', 'findings'],
  properties: { list: LIST_SCHEMA, ...COUNTS },
  additionalProperties: false,
};

const NUMBER_OR_NULL = { type: ['number', 'null'] };
const TEXT_OR_NULL = { type: ['string', 'null'] };

const CORRECTION = {
  type: 'object',
  required: ['field', 'text', 'was', 'who', 'why', 'madeAt'],
  properties: {
    field: { enum: [...CORRECTABLE] },
    text: { type: 'string' },
    was: { type: 'string' },
    who: { type: 'string' },
    why: { type: 'string' },
    madeAt: { type: 'string' },
    callSign: { type: 'string' },
    module: { type: 'string' },
    txHz: { type: 'number' },
  },
  additionalProperties: false,
};

export const CORRECTIONS_SCHEMA = { type: 'array', items: CORRECTION };

export const CORRECTION_BODY = {
  type: 'object',
  required: ['field', 'text', 'who', 'why'],
  properties: {
    field: { enum: [...CORRECTABLE] },
    text: { type: 'string', maxLength: 500, pattern: '^[^\\u0000\\ud800-\\udfff]*$' },
    who: { ...LINE, maxLength: 60 },
    why: LINE,
  },
  additionalProperties: false,
};

const FILED_SITE = {
  listId: UUID,
  line: { type: 'integer' },
  listName: { type: 'string' },
  callSign: { type: 'string' },
  module: { type: 'string' },
  name: { type: 'string' },
  place: { type: 'string' },
  lat: NUMBER_OR_NULL,
  lon: NUMBER_OR_NULL,
  txHz: { type: 'number' },
  rxHz: NUMBER_OR_NULL,
  modes: { type: 'array', items: { type: 'string' } },
  colorCode: NUMBER_OR_NULL,
  tone: TEXT_OR_NULL,
  toneOut: TEXT_OR_NULL,
  widthHz: NUMBER_OR_NULL,
  status: { type: 'string' },
  confirmedOn: TEXT_OR_NULL,
  notes: { type: 'string' },
  nac: TEXT_OR_NULL,
  groupId: TEXT_OR_NULL,
  networks: { type: 'array', items: { type: 'string' } },
  linked: { type: 'string' },
  country: { type: 'string' },
  listIssuedOn: TEXT_OR_NULL,
  groups: {
    type: 'array',
    items: {
      type: 'object',
      required: ['slot', 'number', 'static'],
      properties: { slot: { enum: [1, 2, null] }, number: { type: 'integer' }, static: { type: 'boolean' } },
      additionalProperties: false,
    },
  },
  corrections: { type: 'array', items: CORRECTION },
};
const FILED_REQUIRED = ['listId', 'line', 'listName', 'callSign', 'txHz', 'rxHz', 'modes', 'groups'];
const METRES = { type: 'number', minimum: 0 };

export const TRIP_BODY = {
  type: 'object',
  required: ['points', 'widthM', 'mode', 'sends', 'network', 'status', 'country'],
  properties: {
    points: {
      type: 'array',
      minItems: 2,
      maxItems: 20_000,
      items: {
        type: 'object',
        required: ['lat', 'lon'],
        properties: {
          lat: { type: 'number', minimum: -90, maximum: 90 },
          lon: { type: 'number', minimum: -180, maximum: 180 },
        },
        additionalProperties: false,
      },
    },
    widthM: { type: 'number', minimum: 100, maximum: 500_000 },
    mode: orNull({ enum: LISTED_MODES }),
    sends: orNull({
      type: 'object',
      required: ['lowHz', 'highHz'],
      properties: { lowHz: { type: 'number', minimum: 0 }, highHz: { type: 'number', minimum: 0 } },
      additionalProperties: false,
    }),
    network: orNull({ ...LINE, minLength: 1, maxLength: 100 }),
    country: orNull({ ...LINE, minLength: 1, maxLength: 60 }),
    status: orNull({ enum: ['on the air', 'off the air', 'not said'] }),
  },
  additionalProperties: false,
};

export const HELD_BODY = {
  type: 'object',
  required: ['sites'],
  properties: {
    sites: {
      type: 'array',
      maxItems: 5000,
      items: {
        type: 'object',
        required: ['callSign', 'module', 'txHz'],
        properties: {
          callSign: { ...LINE, maxLength: 20 },
          module: { ...LINE, maxLength: 4 },
          txHz: { type: 'integer', minimum: 0, maximum: 1e12 },
        },
        additionalProperties: false,
      },
    },
  },
  additionalProperties: false,
};

export const HELD_SCHEMA = {
  type: 'object',
  required: ['held'],
  properties: { held: { type: 'array', items: { type: 'boolean' } } },
  additionalProperties: false,
};

export const TRIP_SCHEMA = {
  type: 'object',
  required: ['lengthM', 'sites', 'empty'],
  properties: {
    lengthM: METRES,
    sites: {
      type: 'array',
      items: {
        type: 'object',
        required: [...FILED_REQUIRED, 'alongM', 'offM'],
        properties: { ...FILED_SITE, alongM: METRES, offM: METRES },
        additionalProperties: false,
      },
    },
    empty: {
      type: 'array',
      items: {
        type: 'object',
        required: ['fromM', 'toM'],
        properties: { fromM: METRES, toM: METRES },
        additionalProperties: false,
      },
    },
  },
  additionalProperties: false,
};

export const NEAR_SCHEMA = {
  type: 'object',
  required: [...FILED_REQUIRED, 'distanceM', 'bearingDeg'],
  properties: { ...FILED_SITE, distanceM: METRES, bearingDeg: { type: 'number' } },
  additionalProperties: false,
};

export const FOUND_SCHEMA = {
  type: 'object',
  required: ['total', 'sites'],
  properties: {
    total: { type: 'integer' },
    sites: {
      type: 'array',
      items: {
        type: 'object',
        required: [...FILED_REQUIRED, 'distanceM', 'bearingDeg'],
        properties: { ...FILED_SITE, distanceM: orNull({ type: 'number' }), bearingDeg: orNull({ type: 'number' }) },
        additionalProperties: false,
      },
    },
  },
  additionalProperties: false,
};

export const FILED_SCHEMA = {
  type: 'object',
  required: FILED_REQUIRED,
  properties: FILED_SITE,
  additionalProperties: false,
};

const NUMBERS = { type: 'array', items: { type: 'number' } };
const TEXTS = { type: 'array', items: { type: 'string' } };

export const MAP_SCHEMA = {
  type: 'object',
  required: ['lists', 'list', 'line', 'lat', 'lon', 'txHz', 'modes', 'callSign', 'name', 'places', 'place'],
  properties: {
    lists: { type: 'array', items: UUID },
    list: NUMBERS,
    line: NUMBERS,
    lat: NUMBERS,
    lon: NUMBERS,
    txHz: NUMBERS,
    modes: NUMBERS,
    callSign: TEXTS,
    name: TEXTS,
    places: TEXTS,
    place: NUMBERS,
  },
  additionalProperties: false,
};
