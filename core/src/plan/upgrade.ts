/** Plans of an older format are brought up step by step; plans of a newer one are refused with a plain word. */
import { PLAN_FORMAT, PLAN_FORMAT_VERSION } from './types';

type Document = Record<string, unknown>;
export type UpgradeStep = (document: Document) => Document;

function isObject(value: unknown): value is Document {
  return typeof value === 'object' && value !== null && !Array.isArray(value);
}

/** What has not the shape of a table is left for validation to name. */

function eachRow(table: unknown, change: (row: Document) => Document): unknown {
  if (!isObject(table) || !isObject(table['byId'])) return table;
  const { byId } = table;
  return { ...table, byId: Object.fromEntries(Object.entries(byId).map(([id, row]) => [id, isObject(row) ? change(row) : row])) };
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
  profiles: isObject(document['profiles']) ? Object.fromEntries(Object.entries(document['profiles']).map(([id, profile]) => [id, isObject(profile) ? profileOf2(profile) : profile])) : document['profiles'],
  written: {},
});

/** `steps[n]` turns version n into n + 1. */
const STEPS: Readonly<Record<number, UpgradeStep>> = { 1: toVersion2 };

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
