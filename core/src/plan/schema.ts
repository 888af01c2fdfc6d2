/**
 * JSON Schema (2020-12) of the plan document; published as `docs/plan.schema.json`.
 * It holds what a plan must be to be read at all. Values that are merely wrong for the air are left to the checks,
 * so that wrong input is kept and explained, not lost.
 */
import { c4fmSchemas } from '../modes/c4fm/schema';
import { dmrSchemas } from '../modes/dmr/schema';
import { dstarSchemas } from '../modes/dstar/schema';
import { FM_WIDTHS_HZ } from '../modes/fm/limits';
import { fmSchemas } from '../modes/fm/schema';
import { p25Schemas } from '../modes/p25/schema';
import { LOCAL_MODES } from './destination-key';
import { ID_PATTERN } from './ids';
import { exact, line, mapOf, NAME, nullOr, ref, type Schema, table, whole } from './schema-parts';
import { type ModeId, type NetworkModeId, PLAN_FORMAT, PLAN_FORMAT_VERSION } from './types';

const FREQUENCY = whole(1, 6_000_000_000);
/** RFC 3339, UTC, with or without a fraction. */
const MOMENT: Schema = { type: 'string', pattern: '^\\d{4}-\\d\\d-\\d\\dT\\d\\d:\\d\\d:\\d\\d(\\.\\d{1,9})?Z$' };
const MILLISECONDS: Schema = { type: 'number', minimum: 0, maximum: 600_000 };
const POWER = { enum: ['low', 'high'] };

/** The channel fields of each mode, by the mode's id. */
const MODE_FIELDS: Readonly<Record<ModeId, Schema>> = { dmr: ref('dmrChannel'), dstar: ref('dstarChannel'), c4fm: ref('c4fmChannel'), p25: ref('p25Channel'), fm: ref('fmChannel') };

/** One of the modes' channels, told apart by `mode`, with these properties beside. */
function channelWith(properties: Record<string, Schema>): Schema {
  const common = { name: NAME, rxHz: FREQUENCY, txHz: FREQUENCY, power: POWER };
  return tagged('mode', Object.entries(MODE_FIELDS).map(([mode, fields]) => exact({ ...properties, ...common, mode: { const: mode }, [mode]: fields })));
}

/** Exactly one of several objects; `tag` is the property that says which, so that a fault is told of the one that is meant. */
function tagged(tag: string, variants: Schema[]): Schema {
  return { type: 'object', discriminator: { propertyName: tag }, required: [tag], oneOf: variants };
}

const dmr = dmrSchemas();
const dstar = dstarSchemas();
const c4fm = c4fmSchemas();
const p25 = p25Schemas();

/** Modes that have networks: a hotspot may turn calls of the one into calls of the other. */
const NETWORK_MODES: readonly NetworkModeId[] = ['dmr', 'dstar', 'c4fm', 'p25'];
const CROSSINGS: Schema = { type: 'array', maxItems: 12, uniqueItems: true, items: { enum: NETWORK_MODES.flatMap((air) => NETWORK_MODES.filter((one) => one !== air).map((network) => `${air}-${network}`)) } };

const LATITUDE: Schema = { type: 'number', minimum: -90, maximum: 90 };
const LONGITUDE: Schema = { type: 'number', minimum: -180, maximum: 180 };
const DATE: Schema = { type: 'string', pattern: '^\\d{4}-\\d\\d-\\d\\d$' };
const FM_WIDTH: Schema = { enum: FM_WIDTHS_HZ };

const siteValues: Record<string, Schema> = {
  id: ref('id'),
  name: NAME,
  rxHz: FREQUENCY,
  txHz: FREQUENCY,
  distanceM: { type: 'number', exclusiveMinimum: 0, maximum: 25_000_000 },
  maxInputDbm: { type: 'number', minimum: -150, maximum: 60 },
  dmr: nullOr(ref('dmrSite')),
  dstar: nullOr(ref('dstarSite')),
  c4fm: nullOr(ref('c4fmSite')),
  p25: nullOr(ref('p25Site')),
  fm: nullOr(ref('fmSite')),
};

export const PLAN_SCHEMA: Schema = {
  $schema: 'https://json-schema.org/draft/2020-12/schema',
  $id: 'urn:yellow-relay:plan:5',
  title: 'Yellow Relay plan',
  description: 'Station, radios, sites, networks, wants, codeplugs and hotspot profiles in one document. Frequencies in Hz, distances in metres, positions in degrees (WGS 84).',
  ...exact({
    format: { const: PLAN_FORMAT },
    formatVersion: { const: PLAN_FORMAT_VERSION },
    name: line(100, 1),
    station: exact({ callSign: line(20), operator: line(60), dmrId: nullOr(whole(0, 999_999_999)), region: { enum: ['itu-1', 'itu-2', 'itu-3'] }, place: line(100), position: nullOr(ref('position')), fmWidthHz: FM_WIDTH }),
    radios: table(ref('radio')),
    sites: table(ref('site')),
    networks: table(ref('network')),
    wants: table(ref('want')),
    codeplugs: mapOf(ref('codeplug')),
    profiles: mapOf(ref('profile')),
    roomBook: ref('roomBook'),
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
      dstar: nullOr(ref('dstarRadio')),
      c4fm: nullOr(ref('c4fmRadio')),
      p25: nullOr(ref('p25Radio')),
      fm: nullOr(ref('fmRadio')),
    }),
    position: exact({ lat: LATITUDE, lon: LONGITUDE }),
    site: tagged('kind', [exact({ ...siteValues, kind: { const: 'hotspot' }, listing: { type: 'null' }, crossings: CROSSINGS }), exact({ ...siteValues, kind: { const: 'repeater' }, listing: ref('listing') })]),
    listing: exact({
      callSign: line(20),
      module: line(1),
      place: line(100),
      position: nullOr(ref('position')),
      status: { enum: ['on the air', 'off the air', 'not said'] },
      confirmedOn: nullOr(DATE),
      list: nullOr(exact({ name: line(200), issuedOn: nullOr(DATE) })),
    }),
    network: tagged('mode', Object.entries({ dmr: dmr.network, dstar: dstar.network, c4fm: c4fm.network, p25: p25.network }).map(([mode, fields]) => exact({ id: ref('id'), name: NAME, mode: { const: mode }, ...fields }))),
    server: exact({ id: ref('id'), name: NAME, host: line(253), region: line(60), delay: nullOr(ref('delay')) }),
    delay: exact({ medianMs: MILLISECONDS, lowMs: MILLISECONDS, highMs: MILLISECONDS, lost: whole(0, 1000), at: MOMENT }),
    destination: tagged('kind', [
      ...dmr.destinations,
      ...dstar.destinations,
      ...c4fm.destinations,
      ...p25.destinations,
      exact({ kind: { const: 'local' }, mode: { enum: LOCAL_MODES } }),
    ]),
    want: exact({ id: ref('id'), destination: ref('destination'), radioId: ref('id'), siteId: ref('id') }),
    codeplug: exact({ channels: table(ref('channel')), zones: table(ref('zone')), contacts: table(ref('contact')), receiveLists: table(ref('receiveList')), rooms: table(ref('roomMemory')) }),
    channelValues: channelWith({}),
    channel: channelWith({ id: ref('id'), siteId: nullOr(ref('id')), destination: nullOr(ref('destination')), wantId: nullOr(ref('id')), built: nullOr(ref('channelValues')) }),
    zone: exact({ id: ref('id'), name: NAME, channelIds: { type: 'array', items: ref('id') } }),
    callKind: { enum: ['group', 'private'] },
    contact: exact({ id: ref('id'), name: NAME, kind: ref('callKind'), number: ref('dmrAddress') }),
    receiveList: exact({ id: ref('id'), name: NAME, groups: { type: 'array', items: ref('dmrAddress') } }),
    profile: exact({
      modes: exact(Object.fromEntries(NETWORK_MODES.map((mode) => [mode, { type: 'boolean' }]))),
      dmr: ref('dmrProfile'),
      dstar: ref('dstarProfile'),
      c4fm: ref('c4fmProfile'),
      p25: ref('p25Profile'),
      crossings: CROSSINGS,
      standby: { type: 'boolean' },
      location: nullOr(exact({ lat: LATITUDE, lon: LONGITUDE, publish: { type: 'boolean' } })),
      adminPassword: { enum: ['default', 'changed'] },
    }),
    written: exact({ at: MOMENT, channels: table(ref('writtenChannel')), zones: table(ref('zone')), contacts: table(ref('contact')), receiveLists: table(ref('receiveList')), rooms: table(ref('roomMemory')) }),
    writtenChannel: channelWith({ id: ref('id') }),
    ...dmr.defs,
    ...dstar.defs,
    ...c4fm.defs,
    ...p25.defs,
    ...fmSchemas(),
  },
};
