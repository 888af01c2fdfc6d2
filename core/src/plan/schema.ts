/**
 * JSON Schema (2020-12) of the plan document; published as `docs/plan.schema.json`.
 * It holds what a plan must be to be read at all. Values that are merely wrong for the air are left to the checks,
 * so that wrong input is kept and explained, not lost.
 */
import { dmrSchemas, SPECIAL_NAMES } from '../modes/dmr/schema';
import { ID_PATTERN } from './ids';
import { PLAN_FORMAT, PLAN_FORMAT_VERSION } from './types';

type Schema = Record<string, unknown>;

const ref = (name: string): Schema => ({ $ref: `#/$defs/${name}` });

/** An object with exactly these properties. */
function exact(properties: Record<string, Schema>): Schema {
  return { type: 'object', properties, required: Object.keys(properties), additionalProperties: false };
}

function table(row: Schema): Schema {
  return exact({ byId: mapOf(row), order: { type: 'array', items: ref('id') } });
}

function mapOf(value: Schema): Schema {
  return { type: 'object', propertyNames: { pattern: ID_PATTERN }, additionalProperties: value };
}

function nullOr(schema: Schema): Schema {
  return { anyOf: [{ type: 'null' }, schema] };
}

const whole = (minimum: number, maximum: number): Schema => ({ type: 'integer', minimum, maximum });
/** `.` does not match line breaks; no control characters or halves of pairs, which neither radios nor databases take. */
const line = (maxLength: number, minLength = 0): Schema => ({ type: 'string', minLength, maxLength, pattern: '^[^\\u0000-\\u001f\\u007f\\ud800-\\udfff]*$' });

const FREQUENCY = whole(1, 6_000_000_000);
/** No space at either end: files and people would lose it. */
const NAME: Schema = { type: 'string', minLength: 1, maxLength: 60, pattern: '^(?!\\s)[^\\u0000-\\u001f\\u007f\\ud800-\\udfff]*(?<!\\s)$' };
/** RFC 3339, UTC, with or without a fraction. */
const MOMENT: Schema = { type: 'string', pattern: '^\\d{4}-\\d\\d-\\d\\dT\\d\\d:\\d\\d:\\d\\d(\\.\\d{1,9})?Z$' };
const MILLISECONDS: Schema = { type: 'number', minimum: 0, maximum: 600_000 };
const POWER = { enum: ['low', 'high'] };

const channelValues: Record<string, Schema> = {
  name: NAME,
  mode: { enum: ['dmr'] },
  rxHz: FREQUENCY,
  txHz: FREQUENCY,
  power: POWER,
  dmr: ref('dmrChannel'),
};

const dmr = dmrSchemas({ exact, nullOr, ref, whole, line, table, mapOf, name: NAME });

export const PLAN_SCHEMA: Schema = {
  $schema: 'https://json-schema.org/draft/2020-12/schema',
  $id: 'urn:yellow-relay:plan:2',
  title: 'Yellow Relay plan',
  description: 'Station, radios, sites, networks, wants, codeplugs and hotspot profiles in one document. Frequencies in Hz, distances in metres, positions in degrees (WGS 84).',
  ...exact({
    format: { const: PLAN_FORMAT },
    formatVersion: { const: PLAN_FORMAT_VERSION },
    name: line(100, 1),
    station: exact({ callSign: line(20), operator: line(60), dmrId: nullOr(whole(0, 999_999_999)), region: { enum: ['itu-1', 'itu-2', 'itu-3'] }, place: line(100) }),
    radios: table(ref('radio')),
    sites: table(ref('site')),
    networks: table(ref('network')),
    wants: table(ref('want')),
    codeplugs: mapOf(ref('codeplug')),
    profiles: mapOf(ref('profile')),
    written: mapOf(ref('written')),
  }),
  $defs: {
    id: { type: 'string', pattern: ID_PATTERN },
    radio: exact({
      id: ref('id'),
      name: NAME,
      bands: { type: 'array', maxItems: 10, items: exact({ lowHz: FREQUENCY, highHz: FREQUENCY }) },
      powerW: exact({ low: { type: 'number', exclusiveMinimum: 0, maximum: 2000 }, high: { type: 'number', exclusiveMinimum: 0, maximum: 2000 } }),
      limits: exact({
        channels: whole(1, 1_000_000),
        zones: whole(1, 100_000),
        channelsPerZone: whole(1, 10_000),
        contacts: whole(1, 10_000_000),
        receiveLists: whole(0, 100_000),
        groupsPerReceiveList: whole(1, 10_000),
        nameLength: whole(4, 60),
      }),
      dmr: nullOr(ref('dmrRadio')),
    }),
    site: exact({
      id: ref('id'),
      kind: { const: 'hotspot' },
      name: NAME,
      rxHz: FREQUENCY,
      txHz: FREQUENCY,
      distanceM: { type: 'number', exclusiveMinimum: 0, maximum: 1_000_000 },
      maxInputDbm: { type: 'number', minimum: -150, maximum: 60 },
      dmr: nullOr(ref('dmrSite')),
    }),
    network: exact({ id: ref('id'), name: NAME, mode: { enum: ['dmr'] }, servers: table(ref('server')), ...dmr.network }),
    server: exact({ id: ref('id'), name: NAME, host: line(253), region: line(60), delay: nullOr(ref('delay')) }),
    delay: exact({ medianMs: MILLISECONDS, lowMs: MILLISECONDS, highMs: MILLISECONDS, lost: whole(0, 1000), at: MOMENT }),
    destination: {
      oneOf: [exact({ kind: { const: 'group' }, networkId: ref('id'), groupId: ref('id') }), exact({ kind: { const: 'special' }, networkId: ref('id'), special: { enum: SPECIAL_NAMES } })],
    },
    want: exact({ id: ref('id'), destination: ref('destination'), radioId: ref('id'), siteId: ref('id') }),
    codeplug: exact({ channels: table(ref('channel')), zones: table(ref('zone')), contacts: table(ref('contact')), receiveLists: table(ref('receiveList')) }),
    channelValues: exact(channelValues),
    channel: exact({ id: ref('id'), siteId: nullOr(ref('id')), destination: nullOr(ref('destination')), wantId: nullOr(ref('id')), built: nullOr(ref('channelValues')), ...channelValues }),
    zone: exact({ id: ref('id'), name: NAME, channelIds: { type: 'array', items: ref('id') } }),
    callKind: { enum: ['group', 'private'] },
    contact: exact({ id: ref('id'), name: NAME, kind: ref('callKind'), number: ref('dmrAddress') }),
    receiveList: exact({ id: ref('id'), name: NAME, groups: { type: 'array', items: ref('dmrAddress') } }),
    profile: exact({
      modes: exact({ dmr: { type: 'boolean' } }),
      dmr: ref('dmrProfile'),
      standby: { type: 'boolean' },
      location: nullOr(exact({ lat: { type: 'number', minimum: -90, maximum: 90 }, lon: { type: 'number', minimum: -180, maximum: 180 }, publish: { type: 'boolean' } })),
      adminPassword: { enum: ['default', 'changed'] },
    }),
    written: exact({ at: MOMENT, channels: table(ref('writtenChannel')), zones: table(ref('zone')), contacts: table(ref('contact')), receiveLists: table(ref('receiveList')) }),
    writtenChannel: exact({ id: ref('id'), ...channelValues }),
    ...dmr.defs,
  },
};
