/** Format 11: how radios are keyed, options and times of channels, home and quick keys, rules by use. */
import { type Document, eachRow, eachValue, isObject, type UpgradeStep } from './document';

/** There were five steps of power until then. */
const MORE_STEPS = ['near minimum', 'below middle', 'above middle', 'near maximum'];
const withMoreSteps = (steps: unknown, value: unknown): unknown =>
  isObject(steps) ? { ...Object.fromEntries(MORE_STEPS.map((step) => [step, value])), ...steps } : steps;

/** A radio, or a description of one. */
export const radioOf12 = (radio: Document): Document => ({
  ...radio,
  powerW: withMoreSteps(radio['powerW'], null),
  powerNames: withMoreSteps(radio['powerNames'], ''),
  options: [],
  keying: null,
});

const valuesOf12 = (values: Document): Document => ({ ...values, timeOutS: null, options: {} });
const channelOf12 = (channel: Document): Document => ({
  ...valuesOf12(channel),
  ...(isObject(channel['built']) && { built: valuesOf12(channel['built']) }),
});
const holderOf12 = (holder: Document): Document => ({
  ...holder,
  channels: eachRow(holder['channels'], channelOf12),
  homeId: null,
  quickKeys: {},
});

/** Until then nothing of this was known. */
export const toVersion12: UpgradeStep = (document) => ({
  ...document,
  radios: eachRow(document['radios'], radioOf12),
  kinds: eachRow(document['kinds'], (kind) => ({
    ...kind,
    description: isObject(kind['description']) ? radioOf12(kind['description']) : kind['description'],
  })),
  codeplugs: eachValue(document['codeplugs'], holderOf12),
  written: eachValue(document['written'], holderOf12),
  channelRules: { byId: {}, order: [] },
});
