/** Format 10: scan lists, rules of zones, short forms and what goes in first; more of what radios have. */
import { type Document, eachRow, eachValue, isObject, type UpgradeStep } from './document';

const EMPTY = { byId: {}, order: [] };
const NO_NAMES = { minimum: '', low: '', middle: '', high: '', maximum: '' };

const zoneOf11 = (zone: Document): Document => ({ ...zone, rule: null, pattern: '' });
const holderOf11 = (holder: Document): Document => ({
  ...holder,
  zones: eachRow(holder['zones'], zoneOf11),
  scanLists: EMPTY,
});

/** A radio, or a description of one. */
export const radioOf11 = (radio: Document): Document => ({
  ...radio,
  display: { lines: null, letters: null },
  powerNames: NO_NAMES,
  ...(isObject(radio['dmr']) && { dmr: { ...radio['dmr'], admits: null } }),
});

/** Zones were filled by hand until then, and lists to scan were only in the radio. */
export const toVersion11: UpgradeStep = (document) => ({
  ...document,
  radios: eachRow(document['radios'], radioOf11),
  kinds: eachRow(document['kinds'], (kind) => ({
    ...kind,
    description: isObject(kind['description']) ? radioOf11(kind['description']) : kind['description'],
  })),
  codeplugs: eachValue(document['codeplugs'], holderOf11),
  written: eachValue(document['written'], holderOf11),
  shortForms: {},
  priorities: {},
});
