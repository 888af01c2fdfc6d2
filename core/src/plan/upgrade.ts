/** Plans of an older format are brought up step by step; plans of a newer one are refused with a plain word. */
import { PLAN_FORMAT, PLAN_FORMAT_VERSION } from './types';

type Document = Record<string, unknown>;
export type UpgradeStep = (document: Document) => Document;

function isObject(value: unknown): value is Document {
  return typeof value === 'object' && value !== null && !Array.isArray(value);
}

/** What has not the shape that is expected is left for validation to name. */
function eachValue(map: unknown, change: (value: Document) => Document): unknown {
  return isObject(map) ? Object.fromEntries(Object.entries(map).map(([id, value]) => [id, isObject(value) ? change(value) : value])) : map;
}

function eachRow(table: unknown, change: (row: Document) => Document): unknown {
  if (!isObject(table) || !isObject(table['byId'])) return table;
  return { ...table, byId: eachValue(table['byId'], change) };
}

function profileOf2({ logins, ...profile }: Document): Document {
  return { ...profile, dmr: { selection: 'one', rules: { byId: {}, order: [] }, logins }, standby: false };
}

/** Several networks through one hotspot: logins move under their mode, beside route rules; networks and servers learn more; what was written is kept. */
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
  return { ...site, listing: null, dmr: isObject(site['dmr']) ? { ...site['dmr'], carries: null } : site['dmr'], fm: null };
}

/** Repeaters beside hotspots, FM beside DMR. What an older plan does not say of its radios and station stays unsaid. */
const toVersion3: UpgradeStep = (document) => ({
  ...document,
  station: isObject(document['station']) ? { ...document['station'], position: null, fmWidthHz: 12_500 } : document['station'],
  radios: eachRow(document['radios'], (radio) => ({ ...radio, fm: null })),
  sites: eachRow(document['sites'], siteOf3),
});

function profileOf4(profile: Document): Document {
  return { ...profile, modes: isObject(profile['modes']) ? { ...profile['modes'], dstar: false } : profile['modes'], dstar: { startLink: null, automatic: false } };
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
  return { ...profile, modes: isObject(profile['modes']) ? { ...profile['modes'], c4fm: false, p25: false } : profile['modes'], c4fm: { startRoom: null }, p25: { startGroup: null }, crossings: [] };
}

/** C4FM and P25 beside the others, rooms in radios and in a book, crossings: what an older plan does not say of them stays unsaid. */
const toVersion5: UpgradeStep = (document) => ({
  ...document,
  radios: eachRow(document['radios'], (radio) => ({ ...radio, c4fm: null, p25: null })),
  sites: eachRow(document['sites'], (site) => ({ ...site, c4fm: null, p25: null, ...(site['kind'] === 'hotspot' ? { crossings: [] } : {}) })),
  codeplugs: eachValue(document['codeplugs'], withRooms),
  written: eachValue(document['written'], withRooms),
  profiles: eachValue(document['profiles'], profileOf5),
  roomBook: { categories: { byId: {}, order: [] }, entries: { byId: {}, order: [] } },
});

/** `steps[n]` turns version n into n + 1. */
const STEPS: Readonly<Record<number, UpgradeStep>> = { 1: toVersion2, 2: toVersion3, 3: toVersion4, 4: toVersion5 };

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
    throw new UpgradeError('', raw === null ? 'null' : Array.isArray(raw) ? 'a list' : `a ${typeof raw}`, 'a plan document');
  }
  let document = raw as Document;
  const { format, formatVersion } = document;
  if (format !== PLAN_FORMAT) throw new UpgradeError('/format', JSON.stringify(format) ?? 'nothing', `"${PLAN_FORMAT}"`);
  if (typeof formatVersion !== 'number' || !Number.isInteger(formatVersion) || formatVersion < 1) {
    throw new UpgradeError('/formatVersion', JSON.stringify(formatVersion) ?? 'nothing', `a whole number from 1 to ${current}`);
  }
  if (formatVersion > current) {
    throw new UpgradeError('/formatVersion', `version ${formatVersion}`, `at most version ${current}: open it with a newer Yellow Relay`);
  }
  for (let version = formatVersion; version < current; version += 1) {
    const step = steps[version];
    if (!step) throw new UpgradeError('/formatVersion', `version ${version}`, `a version with a known way to ${version + 1}`);
    document = { ...step(document), formatVersion: version + 1 };
  }
  return document;
}
