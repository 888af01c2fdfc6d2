/** Plans of an older format are brought up step by step; plans of a newer one are refused with a plain word. */
import { newProfileValues, newRecallSlot } from './create';
import { MODE_DATA, MODE_IDS, NETWORK_MODE_IDS } from './modes';
import { type Carriage, type ModeId, PLAN_FORMAT, PLAN_FORMAT_VERSION } from './types';
import { type Document, eachRow, eachValue, isObject, type UpgradeStep } from './upgrades/document';
import { toVersion10, toVersion9 } from './upgrades/to-10';
import { toVersion11 } from './upgrades/to-11';
import { toVersion12 } from './upgrades/to-12';
import { toVersion13 } from './upgrades/to-13';
import { toVersion2, toVersion3, toVersion4, toVersion5 } from './upgrades/to-5';
import { toVersion6 } from './upgrades/to-6';
import { toVersion7, toVersion8 } from './upgrades/to-8';

/** `steps[n]` turns version n into n + 1. */
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
  10: toVersion11,
  11: toVersion12,
  12: toVersion13,
};

const NO_FREQUENCIES = { rxHz: 1, txHz: 1 };

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
