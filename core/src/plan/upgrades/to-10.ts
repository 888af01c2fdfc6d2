/** Formats 8 and 9: kits, what is known of radios. */
import { type Document, eachRow, eachValue, type UpgradeStep } from './document';

/** Files of radios' own programs beside what was written: none was taught yet. */
export const toVersion9: UpgradeStep = (document) => ({
  ...document,
  kits: { byId: {}, order: [] },
  written: eachValue(document['written'], (written) => ({ ...written, readBack: null })),
});

/** What a radio has no figure for was not asked until then. */
export const toVersion10: UpgradeStep = (document) => ({
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
