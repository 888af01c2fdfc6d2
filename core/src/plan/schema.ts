/**
 * JSON Schema (2020-12) of the plan document; published as `docs/plan.schema.json`.
 * It holds what a plan must be to be read at all. Values that are merely wrong for the air are left to the checks,
 * so that wrong input is kept and explained, not lost.
 */
import { MODE_IDS, NETWORK_MODE_IDS } from './modes';
import { MODE_SCHEMAS } from './modes/schemas';
import { BAND_NAMES } from '../units/bands';
import { ID_PATTERN } from './ids';
import { KEYING_SCHEMA } from './keying';
import { KIT_SCHEMA } from './kit';
import { MOST_STEPS, STEP_NAME } from './power';
import { REHEARSAL_TIMES_SCHEMA } from './rehearsal-times';
import { exact, line, mapOf, type ModeSchemas, NAME, nullOr, ref, type Schema, table, whole } from './schema-parts';
import { TAUGHT_FILE_SCHEMA } from './taught-file';
import {
  type ModeId,
  NAME_LETTERS,
  PLAN_FORMAT,
  PLAN_FORMAT_VERSION,
  PRIORITIES,
  RULE_PLACES,
  TALK_BACKS,
  ZONE_ORDERS,
} from './types';

const FREQUENCY = whole(1, 6_000_000_000);
/** RFC 3339, UTC, with or without a fraction. */
const MOMENT: Schema = { type: 'string', pattern: '^\\d{4}-\\d\\d-\\d\\dT\\d\\d:\\d\\d:\\d\\d(\\.\\d{1,9})?Z$' };
const MILLISECONDS: Schema = { type: 'number', minimum: 0, maximum: 600_000 };
const FLAG: Schema = { type: 'boolean' };
const LATITUDE: Schema = { type: 'number', minimum: -90, maximum: 90 };
const LONGITUDE: Schema = { type: 'number', minimum: -180, maximum: 180 };
const DATE: Schema = { type: 'string', pattern: '^\\d{4}-\\d\\d-\\d\\d$' };
const DISTANCE: Schema = { type: 'number', exclusiveMinimum: 0, maximum: 25_000_000 };
const POWER_W: Schema = { type: 'number', exclusiveMinimum: 0, maximum: 2000 };

/** The blocks of the modes that a thing has, each under its mode's id. */
type BlockKind = 'radio' | 'site' | 'channel' | 'profile' | 'codeplug' | 'shared';

/** `dmrRadio`: where the block of a mode is defined. */
const defName = (mode: ModeId, kind: BlockKind): string => `${mode}${kind[0]!.toUpperCase()}${kind.slice(1)}`;

function blocks(
  kind: BlockKind,
  wrap: (schema: Schema) => Schema = (schema) => schema,
  modes: readonly ModeId[] = MODE_IDS,
): Record<string, Schema> {
  return Object.fromEntries(modes.map((mode) => [mode, wrap(ref(defName(mode, kind)))]));
}

function modeDefs(): Record<string, Schema> {
  const kinds: BlockKind[] = ['radio', 'site', 'channel', 'profile', 'codeplug', 'shared'];
  const all = MODE_IDS.flatMap((mode) => {
    const schemas: ModeSchemas = MODE_SCHEMAS[mode];
    const own = kinds.flatMap((kind) => (schemas[kind] ? [[defName(mode, kind), schemas[kind]] as const] : []));
    return [...own, ...Object.entries(schemas.defs)];
  });
  return Object.fromEntries(all);
}

/**
 * Exactly one of several objects; `tag` is the property that says which, so that a fault is told of the one that is
 * meant.
 */
function tagged(tag: string, variants: Schema[]): Schema {
  return { type: 'object', discriminator: { propertyName: tag }, required: [tag], oneOf: variants };
}

/** Texts of at most `length` by names of at most `nameLength`. */
function textsBy(nameLength: number, length: number): Schema {
  return {
    type: 'object',
    maxProperties: 100,
    propertyNames: { pattern: `^.{1,${nameLength}}$` },
    additionalProperties: line(length),
  };
}

/** One of the modes' channels, told apart by `mode`, with these properties beside. */
function channelWith(properties: Record<string, Schema>): Schema {
  const common = {
    name: NAME,
    rxHz: FREQUENCY,
    txHz: FREQUENCY,
    power: line(STEP_NAME, 1),
    timeOutS: nullOr(whole(1, 3600)),
    options: textsBy(60, 40),
  };
  return tagged(
    'mode',
    MODE_IDS.map((mode) =>
      exact({ ...properties, ...common, mode: { const: mode }, [mode]: ref(defName(mode, 'channel')) }),
    ),
  );
}

/** Told apart by mode first, then by the kinds of that mode. */
function destinations(): Schema {
  const ofMode = (mode: ModeId): Schema => {
    const tag = { mode: { const: mode } };
    return {
      properties: tag,
      ...tagged(
        'kind',
        MODE_SCHEMAS[mode].destinations.map((fields) => exact({ ...tag, ...fields })),
      ),
      required: ['mode', 'kind'],
    };
  };
  return tagged('mode', MODE_IDS.map(ofMode));
}

function networks(): Schema {
  return tagged(
    'mode',
    NETWORK_MODE_IDS.map((mode) =>
      exact({ id: ref('id'), name: NAME, mode: { const: mode }, ...MODE_SCHEMAS[mode].network }),
    ),
  );
}

const NETWORK_MODE: Schema = { enum: NETWORK_MODE_IDS };

const siteValues: Record<string, Schema> = {
  id: ref('id'),
  name: NAME,
  rxHz: FREQUENCY,
  txHz: FREQUENCY,
  distanceM: DISTANCE,
  maxInputDbm: { type: 'number', minimum: -150, maximum: 60 },
  ...blocks('site', nullOr),
};

const hotspotValues: Record<string, Schema> = {
  activeProfileId: ref('id'),
  labelOffsetHz: nullOr(whole(-1_000_000, 1_000_000)),
  backup: nullOr(exact({ on: DATE, of: line(64, 1) })),
  taught: nullOr(TAUGHT_FILE_SCHEMA),
  recall: table(ref('recallSlot')),
};

const SECONDS: Schema = { type: 'number', minimum: 0, maximum: 86_400 };
const SHIFT_HZ = whole(-1_000_000, 1_000_000);

/** A base sets every value, another profile any of them. */
const profileValues: Record<string, Schema> = {
  frequencies: exact({ rxHz: FREQUENCY, txHz: FREQUENCY }),
  powerPercent: nullOr({ type: 'number', minimum: 0, maximum: 100 }),
  rxOffsetHz: nullOr(SHIFT_HZ),
  txOffsetHz: nullOr(SHIFT_HZ),
  carriage: {
    type: 'array',
    maxItems: NETWORK_MODE_IDS.length ** 2,
    items: exact({ air: NETWORK_MODE, network: NETWORK_MODE, able: FLAG, on: FLAG }),
  },
  ownWhileCrossing: FLAG,
  ...blocks('profile', undefined, NETWORK_MODE_IDS),
  standby: FLAG,
  hang: ref('hang'),
  modeHang: exact(Object.fromEntries(NETWORK_MODE_IDS.map((mode) => [mode, nullOr(ref('hang'))]))),
  announcements: nullOr(FLAG),
  location: nullOr(exact({ lat: LATITUDE, lon: LONGITUDE, publish: FLAG })),
  adminPassword: { enum: ['default', 'changed', null] },
  pagePublic: nullOr(FLAG),
  remoteCommands: nullOr(FLAG),
  timeZone: line(60),
  language: line(60),
  hostName: line(253),
  wifi: table(ref('wifi')),
};

/** The same where only some of it need be named. */
function some(schema: Schema, parts: Record<string, Schema> = {}): Schema {
  const properties = { ...(schema['properties'] as Record<string, Schema>), ...parts };
  return { type: 'object', properties, additionalProperties: false };
}

/** What a profile above a base may set: of what is made of parts, only the parts that differ. */
const someValues: Schema = some(
  { properties: profileValues },
  {
    modeHang: some(profileValues['modeHang']!),
    ...Object.fromEntries(
      NETWORK_MODE_IDS.map((mode) => {
        const { profile, someProfile } = MODE_SCHEMAS[mode];
        return [mode, some(profile!, someProfile)];
      }),
    ),
  },
);

const profileBase = { id: ref('id'), siteId: ref('id'), name: NAME };

const station = exact({
  callSign: line(20),
  operator: line(60),
  dmrId: nullOr(whole(0, 999_999_999)),
  otherIds: { type: 'array', maxItems: 20, items: whole(0, 999_999_999) },
  region: { enum: ['itu-1', 'itu-2', 'itu-3'] },
  edges: {
    type: 'object',
    propertyNames: { enum: BAND_NAMES },
    additionalProperties: nullOr(exact({ lowHz: FREQUENCY, highHz: FREQUENCY })),
  },
  kept: nullOr({ type: 'array', maxItems: 100, items: ref('segment') }),
  place: line(100),
  position: nullOr(ref('position')),
  fmWidthHz: { enum: [12_500, 25_000] },
});

const codeplugBlocks = {
  zones: table(ref('zone')),
  scanLists: table(ref('scanList')),
  homeId: nullOr(ref('id')),
  quickKeys: {
    type: 'object',
    maxProperties: 100,
    propertyNames: { pattern: '^.{1,20}$' },
    additionalProperties: ref('id'),
  },
  ...blocks('codeplug'),
};

const PURPOSE: Schema = { enum: ['talk', 'direct', 'receive only', 'satellite', 'service'] };
const WITHIN_KM: Schema = { type: 'number', exclusiveMinimum: 0, maximum: 20_100 };
const MEMBERS: Schema = { type: 'array', items: ref('id') };

const zoneRule = exact({
  from: tagged('kind', [
    exact({ kind: { const: 'near' }, centre: nullOr(ref('position')), withinKm: WITHIN_KM }),
    exact({
      kind: { const: 'along' },
      points: { type: 'array', minItems: 1, maxItems: 500, items: ref('position') },
      withinKm: WITHIN_KM,
    }),
    exact({ kind: { const: 'home' } }),
    exact({ kind: { const: 'network' }, networkId: ref('id') }),
    exact({ kind: { const: 'purpose' }, purpose: PURPOSE }),
  ]),
  modes: { type: 'array', maxItems: MODE_IDS.length, items: { enum: [...MODE_IDS] } },
  order: { enum: [...ZONE_ORDERS] },
});

const BANDS: Schema = { type: 'array', maxItems: 10, items: exact({ lowHz: FREQUENCY, highHz: FREQUENCY }) };

/** What a radio is, whoever has it. */
const radioValues = {
  bands: BANDS,
  receiveOnly: BANDS,
  power: { type: 'array', maxItems: MOST_STEPS, items: exact({ name: line(STEP_NAME, 1), watts: nullOr(POWER_W) }) },
  limits: exact({
    channels: nullOr(whole(1, 1_000_000)),
    zones: nullOr(whole(1, 100_000)),
    channelsPerZone: nullOr(whole(1, 10_000)),
    scanLists: nullOr(whole(0, 100_000)),
    channelsPerScanList: nullOr(whole(1, 10_000)),
    contacts: nullOr(whole(1, 10_000_000)),
    receiveLists: nullOr(whole(0, 100_000)),
    groupsPerReceiveList: nullOr(whole(1, 10_000)),
    callSigns: nullOr(whole(0, 100_000)),
    nameLength: nullOr(whole(4, 60)),
  }),
  letters: nullOr({ enum: [...NAME_LETTERS] }),
  display: exact({ lines: nullOr(whole(1, 20)), letters: nullOr(whole(1, 60)) }),
  options: {
    type: 'array',
    maxItems: 50,
    items: exact({ name: line(40, 1), values: { type: 'array', minItems: 1, maxItems: 50, items: line(40, 1) } }),
  },
  keying: nullOr(ref('keying')),
  ...blocks('radio', nullOr),
};

export const PLAN_SCHEMA: Schema = {
  $schema: 'https://json-schema.org/draft/2020-12/schema',
  $id: `urn:yellow-relay:plan:${PLAN_FORMAT_VERSION}`,
  title: 'Yellow Relay plan',
  description:
    'Station, radios, sites, networks, wants, codeplugs and hotspot profiles in one document. Frequencies in Hz, distances in metres, positions in degrees (WGS 84).',
  ...exact({
    format: { const: PLAN_FORMAT },
    formatVersion: { const: PLAN_FORMAT_VERSION },
    name: line(100, 1),
    station,
    radios: table(ref('radio')),
    sites: table(ref('site')),
    networks: table(ref('network')),
    wants: table(ref('want')),
    codeplugs: mapOf(ref('codeplug')),
    profiles: table(ref('profile')),
    shared: exact(blocks('shared')),
    written: mapOf(ref('written')),
    kits: table(ref('kit')),
    kinds: table(ref('kind')),
    shortForms: {
      type: 'object',
      maxProperties: 2_000,
      propertyNames: { pattern: '^\\S{1,40}$' },
      additionalProperties: line(20, 1),
    },
    channelRules: table(ref('channelRule')),
    rehearsalTimes: REHEARSAL_TIMES_SCHEMA,
    priorities: {
      type: 'object',
      maxProperties: 20_000,
      propertyNames: { pattern: '^.{1,300}$' },
      additionalProperties: { enum: [...PRIORITIES] },
    },
    done: {
      type: 'object',
      maxProperties: 10_000,
      propertyNames: { pattern: '^[\\w:.-]{1,200}$' },
      additionalProperties: exact({ on: DATE, note: line(500) }),
    },
  }),
  $defs: {
    id: { type: 'string', pattern: ID_PATTERN },
    radio: exact({
      id: ref('id'),
      name: NAME,
      ...radioValues,
    }),
    kind: exact({ id: ref('id'), name: NAME, description: exact(radioValues) }),
    kit: KIT_SCHEMA,
    keying: KEYING_SCHEMA,
    channelRule: exact({
      id: ref('id'),
      radioId: nullOr(ref('id')),
      purpose: nullOr(PURPOSE),
      place: { enum: [...RULE_PLACES, null] },
      fromM: nullOr(DISTANCE),
      belowM: nullOr(DISTANCE),
      set: textsBy(40, 60),
    }),
    position: exact({ lat: LATITUDE, lon: LONGITUDE }),
    segment: exact({
      kind: { enum: ['satellite', 'calling', 'beacons', 'weak signals', 'position reports'] },
      name: NAME,
      lowHz: FREQUENCY,
      highHz: FREQUENCY,
      source: line(100),
    }),
    site: tagged('kind', [
      exact({ ...siteValues, kind: { const: 'hotspot' }, listing: { type: 'null' }, ...hotspotValues }),
      exact({ ...siteValues, kind: { const: 'repeater' }, listing: ref('listing') }),
    ]),
    listing: exact({
      callSign: line(20),
      module: line(1),
      place: line(100),
      position: nullOr(ref('position')),
      status: { enum: ['on the air', 'off the air', 'not said'] },
      confirmedOn: nullOr(DATE),
      list: nullOr(exact({ name: line(200), issuedOn: nullOr(DATE) })),
      goneOn: nullOr(DATE),
    }),
    network: networks(),
    server: exact({ id: ref('id'), name: NAME, host: line(253), region: line(60), delay: nullOr(ref('delay')) }),
    delay: exact({
      medianMs: MILLISECONDS,
      lowMs: MILLISECONDS,
      highMs: MILLISECONDS,
      lost: whole(0, 1000),
      at: MOMENT,
    }),
    destination: destinations(),
    want: exact({ id: ref('id'), destination: ref('destination'), radioId: ref('id'), siteId: ref('id') }),
    codeplug: exact({ channels: table(ref('channel')), ...codeplugBlocks }),
    channelValues: channelWith({}),
    channel: channelWith({
      id: ref('id'),
      purpose: nullOr(PURPOSE),
      siteId: nullOr(ref('id')),
      destination: nullOr(ref('destination')),
      wantId: nullOr(ref('id')),
      built: nullOr(ref('channelValues')),
    }),
    zone: exact({ id: ref('id'), name: NAME, channelIds: MEMBERS, rule: nullOr(zoneRule), pattern: line(100) }),
    scanList: exact({
      id: ref('id'),
      name: NAME,
      channelIds: MEMBERS,
      zoneId: nullOr(ref('id')),
      priorityId: nullOr(ref('id')),
      talkBack: nullOr({ enum: [...TALK_BACKS] }),
    }),
    callKind: { enum: ['group', 'private'] },
    hang: exact({ radioS: nullOr(SECONDS), networkS: nullOr(SECONDS) }),
    wifi: exact({ id: ref('id'), place: line(60), name: line(60), password: line(200) }),
    recallSlot: exact({
      id: ref('id'),
      profileId: nullOr(ref('id')),
      calls: exact(Object.fromEntries(NETWORK_MODE_IDS.map((mode) => [mode, line(40)]))),
    }),
    profile: {
      type: 'object',
      if: { type: 'object', properties: { baseId: { type: 'null' } } },
      then: exact({ ...profileBase, baseId: { type: 'null' }, set: exact(profileValues) }),
      else: exact({
        ...profileBase,
        baseId: ref('id'),
        set: someValues,
      }),
    },
    written: exact({
      at: MOMENT,
      readBack: nullOr(line(64, 1)),
      channels: table(ref('writtenChannel')),
      ...codeplugBlocks,
    }),
    writtenChannel: channelWith({ id: ref('id') }),
    ...modeDefs(),
  },
};
