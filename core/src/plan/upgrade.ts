/** Plans of an older format are brought up step by step; plans of a newer one are refused with a plain word. */
import { newProfileValues, newRecallSlot } from './create';
import { MODE_DATA, MODE_IDS, NETWORK_MODE_IDS } from './modes';
import { type Carriage, type ModeId, PLAN_FORMAT, PLAN_FORMAT_VERSION } from './types';

type Document = Record<string, unknown>;
export type UpgradeStep = (document: Document) => Document;

function isObject(value: unknown): value is Document {
  return typeof value === 'object' && value !== null && !Array.isArray(value);
}

/** What has not the shape that is expected is left for validation to name. */
function eachValue(map: unknown, change: (value: Document) => Document): unknown {
  return isObject(map)
    ? Object.fromEntries(Object.entries(map).map(([id, value]) => [id, isObject(value) ? change(value) : value]))
    : map;
}

function eachRow(table: unknown, change: (row: Document) => Document): unknown {
  if (!isObject(table) || !isObject(table['byId'])) return table;
  return { ...table, byId: eachValue(table['byId'], change) };
}

function profileOf2({ logins, ...profile }: Document): Document {
  return { ...profile, dmr: { selection: 'one', rules: { byId: {}, order: [] }, logins }, standby: false };
}

/**
 * Several networks through one hotspot: logins move under their mode, beside route rules; networks and servers learn
 * more; what was written is kept.
 */
const toVersion2: UpgradeStep = (document) => ({
  ...document,
  networks: eachRow(document['networks'], (network) => ({
    ...network,
    servers: eachRow(network['servers'], (server) => ({ ...server, region: '', delay: null })),
    special: { ...(network['special'] as Document), status: null, position: null },
    dynamicTimerMin: 10,
    personalGroups: true,
  })),
  profiles: eachValue(document['profiles'], profileOf2),
  written: {},
});

function siteOf3(site: Document): Document {
  return {
    ...site,
    listing: null,
    dmr: isObject(site['dmr']) ? { ...site['dmr'], carries: null } : site['dmr'],
    fm: null,
  };
}

/** Repeaters beside hotspots, FM beside DMR. What an older plan does not say of its radios and station stays unsaid. */
const toVersion3: UpgradeStep = (document) => ({
  ...document,
  station: isObject(document['station'])
    ? { ...document['station'], position: null, fmWidthHz: 12_500 }
    : document['station'],
  radios: eachRow(document['radios'], (radio) => ({ ...radio, fm: null })),
  sites: eachRow(document['sites'], siteOf3),
});

function profileOf4(profile: Document): Document {
  return {
    ...profile,
    modes: isObject(profile['modes']) ? { ...profile['modes'], dstar: false } : profile['modes'],
    dstar: { startLink: null, automatic: false },
  };
}

/** D-STAR beside DMR and FM: what an older plan does not say of its radios, sites and hotspots stays unsaid. */
const toVersion4: UpgradeStep = (document) => ({
  ...document,
  radios: eachRow(document['radios'], (radio) => ({ ...radio, dstar: null })),
  sites: eachRow(document['sites'], (site) => ({ ...site, dstar: null })),
  profiles: eachValue(document['profiles'], profileOf4),
});

function withRooms(codeplug: Document): Document {
  return { ...codeplug, rooms: { byId: {}, order: [] } };
}

function profileOf5(profile: Document): Document {
  return {
    ...profile,
    modes: isObject(profile['modes']) ? { ...profile['modes'], c4fm: false, p25: false } : profile['modes'],
    c4fm: { startRoom: null },
    p25: { startGroup: null },
    crossings: [],
  };
}

/**
 * C4FM and P25 beside the others, rooms in radios and in a book, crossings: what an older plan does not say of them
 * stays unsaid.
 */
const toVersion5: UpgradeStep = (document) => ({
  ...document,
  radios: eachRow(document['radios'], (radio) => ({ ...radio, c4fm: null, p25: null })),
  sites: eachRow(document['sites'], (site) => ({
    ...site,
    c4fm: null,
    p25: null,
    ...(site['kind'] === 'hotspot' ? { crossings: [] } : {}),
  })),
  codeplugs: eachValue(document['codeplugs'], withRooms),
  written: eachValue(document['written'], withRooms),
  profiles: eachValue(document['profiles'], profileOf5),
  roomBook: { categories: { byId: {}, order: [] }, entries: { byId: {}, order: [] } },
});

/** The modes that were there when format 6 came; later ones are filled in by `withEveryMode`. */
const NETWORK_MODES_OF_6 = ['dmr', 'dstar', 'c4fm', 'p25'] as const;
const MODES_OF_6 = [...NETWORK_MODES_OF_6, 'fm'] as const;

/** A destination of format 5, in its own mode's terms; what no mode knows is left for validation to name. */
function destinationOf6(old: unknown): unknown {
  if (!isObject(old)) return old;
  for (const mode of MODES_OF_6) {
    const found = MODE_DATA[mode].upgrade.destination(old);
    if (found) return found;
  }
  return old;
}

function channelOf6(channel: Document): Document {
  return { ...channel, destination: destinationOf6(channel['destination']) };
}

function byMode(make: (mode: ModeId) => unknown): Document {
  return Object.fromEntries(MODES_OF_6.map((mode) => [mode, make(mode)]));
}

/** A codeplug, or what was written of one. */
function codeplugOf6({ channels, zones, at, ...rest }: Document): Document {
  return {
    ...(at === undefined ? {} : { at }),
    channels: at === undefined ? eachRow(channels, channelOf6) : channels,
    zones,
    ...byMode((mode) => MODE_DATA[mode].upgrade.codeplug(rest)),
  };
}

/** What was said apart of having a mode, of its being on and of crossings, as one list. */
function carriageOf6(site: Document, profile: Document): Carriage[] {
  const modes = isObject(profile['modes']) ? profile['modes'] : {};
  const list = (value: unknown) => (Array.isArray(value) ? value.map(String) : []);
  const [able, on] = [list(site['crossings']), list(profile['crossings'])];
  const own = NETWORK_MODES_OF_6.map((mode): Carriage => ({
    air: mode,
    network: mode,
    able: isObject(site[mode]),
    on: modes[mode] === true,
  }));
  const cross = NETWORK_MODES_OF_6.flatMap((air) =>
    NETWORK_MODES_OF_6.filter((network) => network !== air).map((network): Carriage => ({
      air,
      network,
      able: able.includes(`${air}-${network}`),
      on: on.includes(`${air}-${network}`),
    })),
  );
  return [...own, ...cross.filter((one) => one.able || one.on)];
}

/** The one set of settings that a hotspot had becomes its base, under the hotspot's own id. */
function profilesOf6(sites: unknown, profiles: unknown): unknown {
  if (!isObject(profiles) || !isObject(sites) || !isObject(sites['byId'])) return profiles;
  const byId = Object.entries(profiles).map(([id, profile]) => {
    if (!isObject(profile)) return [id, profile] as const;
    const { modes: _modes, crossings: _crossings, ...values } = profile;
    const site = (sites['byId'] as Document)[id];
    const set = { ...values, carriage: carriageOf6(isObject(site) ? site : {}, profile), ownWhileCrossing: true };
    return [id, { id, siteId: id, name: 'Base', baseId: null, set }] as const;
  });
  return { byId: Object.fromEntries(byId), order: byId.map(([id]) => id) };
}

/**
 * Each mode keeps its own blocks, destinations say their mode, hotspots have profiles and one list of what they carry.
 */
const toVersion6: UpgradeStep = ({ roomBook, ...document }) => ({
  ...document,
  sites: eachRow(document['sites'], ({ crossings: _, ...site }) =>
    site['kind'] === 'hotspot' ? { ...site, activeProfileId: site['id'] } : site,
  ),
  wants: eachRow(document['wants'], (want) => ({ ...want, destination: destinationOf6(want['destination']) })),
  codeplugs: eachValue(document['codeplugs'], codeplugOf6),
  written: eachValue(document['written'], codeplugOf6),
  profiles: profilesOf6(document['sites'], document['profiles']),
  shared: byMode((mode) => MODE_DATA[mode].upgrade.shared({ roomBook })),
});

/** What a format up to 6 could not leave unsaid was set to a default: taken back where nobody can have meant it. */
function siteOf7(old: Document): Document {
  const { dmr, listing } = old;
  const site = isObject(listing) ? { ...old, listing: { ...listing, goneOn: null } } : old;
  if (!isObject(dmr) || !isObject(dmr['carries'])) return site;
  const carries = { ...dmr['carries'], takesOthers: dmr['carries']['takesOthers'] === true ? true : null };
  return { ...site, dmr: { ...dmr, carries } };
}

/** A licence profile, further IDs of the operator, the purpose of a channel; what was not said may be unknown. */
const toVersion7: UpgradeStep = (document) => ({
  ...document,
  station: isObject(document['station'])
    ? { ...document['station'], otherIds: [], edges: {}, kept: null }
    : document['station'],
  sites: eachRow(document['sites'], siteOf7),
  codeplugs: eachValue(document['codeplugs'], (codeplug) => ({
    ...codeplug,
    channels: eachRow(codeplug['channels'], (channel) => ({ ...channel, purpose: null })),
  })),
});

const NO_FREQUENCIES = { rxHz: 1, txHz: 1 };

/** What a profile above a base carried was said whole: what it did not name was off in it. */
function carriageOf8(own: unknown, base: unknown): unknown {
  if (!Array.isArray(own) || !Array.isArray(base)) return own;
  const named = own as Carriage[];
  const others = (base as Carriage[]).filter(
    ({ air, network }) => !named.some((one) => one.air === air && one.network === network),
  );
  return [...named, ...others.map((one) => ({ ...one, on: false }))];
}

const NOT_SAID_BEFORE_8 = {
  powerPercent: null,
  rxOffsetHz: null,
  txOffsetHz: null,
  hang: { radioS: null, networkS: null },
  modeHang: Object.fromEntries(NETWORK_MODES_OF_6.map((mode) => [mode, null])),
  announcements: null,
  pagePublic: null,
  remoteCommands: null,
  timeZone: '',
  language: '',
  hostName: '',
  wifi: { byId: {}, order: [] },
};

/** No tone code was kept. */
const withCodes = (codeplug: Document): Document =>
  isObject(codeplug['c4fm'])
    ? { ...codeplug, c4fm: { ...codeplug['c4fm'], codes: { byId: {}, order: [] } } }
    : codeplug;

/** A hotspot's frequencies become its profiles'; what else a hotspot holds is not said yet. */
const toVersion8: UpgradeStep = (document) => {
  const sites = isObject(document['sites']) ? document['sites']['byId'] : null;
  const profiles = isObject(document['profiles']) ? document['profiles']['byId'] : null;
  const setOf = (id: unknown): Document => {
    const profile = isObject(profiles) ? profiles[String(id)] : null;
    return isObject(profile) && isObject(profile['set']) ? profile['set'] : {};
  };
  const profileOf8 = (profile: Document): Document => {
    const { set: old, baseId, siteId } = profile;
    if (!isObject(old)) return profile;
    // Until then “default” was what stood there before anybody had said anything.
    const set = old['adminPassword'] === 'default' ? { ...old, adminPassword: null } : old;
    const { carriage } = set;
    if (baseId !== null)
      return carriage === undefined
        ? profile
        : { ...profile, set: { ...set, carriage: carriageOf8(carriage, setOf(baseId)['carriage']) } };
    const site = isObject(sites) ? sites[String(siteId)] : null;
    const { rxHz, txHz } = isObject(site) ? site : {};
    return { ...profile, set: { ...set, ...NOT_SAID_BEFORE_8, frequencies: { rxHz, txHz } } };
  };
  return {
    ...document,
    done: {},
    networks: eachRow(document['networks'], (network) =>
      network['mode'] === 'dmr' ? { ...network, direct: null } : network,
    ),
    sites: eachRow(document['sites'], (site) =>
      site['kind'] === 'hotspot'
        ? { ...site, labelOffsetHz: null, backup: null, taught: null, recall: { byId: {}, order: [] } }
        : site,
    ),
    profiles: eachRow(document['profiles'], profileOf8),
    codeplugs: eachValue(document['codeplugs'], withCodes),
    written: eachValue(document['written'], withCodes),
  };
};

/** `steps[n]` turns version n into n + 1. */
/** Files of radios' own programs beside what was written: none was taught yet. */
const toVersion9: UpgradeStep = (document) => ({
  ...document,
  kits: { byId: {}, order: [] },
  written: eachValue(document['written'], (written) => ({ ...written, readBack: null })),
});

/** What a radio has no figure for was not asked until then. */
const toVersion10: UpgradeStep = (document) => ({
  ...document,
  kinds: { byId: {}, order: [] },
  radios: eachRow(document['radios'], (radio) => ({
    ...radio,
    receiveOnly: [],
    letters: null,
    powerW: { minimum: null, middle: null, maximum: null, ...(radio['powerW'] as Document) },
    limits: { scanLists: null, channelsPerScanList: null, callSigns: null, ...(radio['limits'] as Document) },
  })),
});

const STEPS: Readonly<Record<number, UpgradeStep>> = {
  1: toVersion2,
  2: toVersion3,
  3: toVersion4,
  4: toVersion5,
  5: toVersion6,
  6: toVersion7,
  7: toVersion8,
  8: toVersion9,
  9: toVersion10,
};

/** No radio of a mode that was not known can call a slot. */
const slotOfEveryMode = (slot: Document): Document => ({
  ...slot,
  calls: { ...newRecallSlot('none').calls, ...(isObject(slot['calls']) && slot['calls']) },
});

/** Fills in the blocks of modes that were not known when a document was written: nothing was said of them. */
function withEveryMode(document: Document): Document {
  const lacks = (holder: unknown) => isObject(holder) && MODE_IDS.some((mode) => !(mode in holder));
  const filled = (
    holder: Document,
    blank: (mode: ModeId) => unknown,
    modes: readonly ModeId[] = MODE_IDS,
  ): Document => ({
    ...Object.fromEntries(modes.filter((mode) => !(mode in holder)).map((mode) => [mode, blank(mode)])),
    ...holder,
  });
  if (!lacks(document['shared'])) return document;
  const blankCodeplug = (mode: ModeId) => MODE_DATA[mode].blanks.codeplug();
  const values = newProfileValues(NO_FREQUENCIES);
  const base = (profile: Document): Document => {
    const { set } = profile;
    if (profile['baseId'] !== null || !isObject(set)) return profile;
    const there = Array.isArray(set['carriage']) ? (set['carriage'] as Carriage[]) : [];
    const fresh = values.carriage.filter(
      ({ air }) => !there.some((one) => isObject(one) && one['air'] === air && one['network'] === air),
    );
    return {
      ...profile,
      set: {
        ...filled(set, (mode) => structuredClone(values[mode as (typeof NETWORK_MODE_IDS)[number]]), NETWORK_MODE_IDS),
        ...(isObject(set['modeHang']) && { modeHang: { ...values.modeHang, ...set['modeHang'] } }),
        carriage: [...there, ...fresh],
      },
    };
  };
  return {
    ...document,
    shared: filled(document['shared'] as Document, (mode) => MODE_DATA[mode].blanks.shared()),
    radios: eachRow(document['radios'], (radio) => filled(radio, () => null)),
    sites: eachRow(document['sites'], (site) => ({
      ...filled(site, () => null),
      ...(isObject(site['recall']) && { recall: eachRow(site['recall'], slotOfEveryMode) }),
    })),
    codeplugs: eachValue(document['codeplugs'], (codeplug) => filled(codeplug, blankCodeplug)),
    written: eachValue(document['written'], (codeplug) => filled(codeplug, blankCodeplug)),
    profiles: eachRow(document['profiles'], base),
  };
}

export class UpgradeError extends Error {
  constructor(
    readonly pointer: string,
    readonly found: string,
    readonly expected: string,
  ) {
    super(`At ${pointer || '/'}: found ${found}, expected ${expected}.`);
    this.name = 'UpgradeError';
  }
}

/** @throws UpgradeError when the document is no plan, or of a newer version than this program knows. */
export function upgradePlan(raw: unknown, steps = STEPS, current: number = PLAN_FORMAT_VERSION): unknown {
  if (typeof raw !== 'object' || raw === null || Array.isArray(raw)) {
    throw new UpgradeError(
      '',
      raw === null ? 'null' : Array.isArray(raw) ? 'a list' : `a ${typeof raw}`,
      'a plan document',
    );
  }
  let document = raw as Document;
  const { format, formatVersion } = document;
  if (format !== PLAN_FORMAT)
    throw new UpgradeError('/format', JSON.stringify(format) ?? 'nothing', `"${PLAN_FORMAT}"`);
  if (typeof formatVersion !== 'number' || !Number.isInteger(formatVersion) || formatVersion < 1) {
    throw new UpgradeError(
      '/formatVersion',
      JSON.stringify(formatVersion) ?? 'nothing',
      `a whole number from 1 to ${current}`,
    );
  }
  if (formatVersion > current) {
    throw new UpgradeError(
      '/formatVersion',
      `version ${formatVersion}`,
      `at most version ${current}: open it with a newer Yellow Relay`,
    );
  }
  for (let version = formatVersion; version < current; version += 1) {
    const step = steps[version];
    if (!step)
      throw new UpgradeError('/formatVersion', `version ${version}`, `a version with a known way to ${version + 1}`);
    document = { ...step(document), formatVersion: version + 1 };
  }
  return current === PLAN_FORMAT_VERSION ? withEveryMode(document) : document;
}
