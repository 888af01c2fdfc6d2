/** A description of a radio as a file to hand on (docs/formats.md): what it is, without whose it is. */
import { MODE_IDS } from '../plan/modes';
import { MOST_STEPS, STEP_NAME } from '../plan/power';
import { NAME_LETTERS, type RadioDescription, type RadioKind } from '../plan/types';
import type { Document } from '../plan/upgrades/document';
import { radioOf11 } from '../plan/upgrades/to-11';
import { radioOf12 } from '../plan/upgrades/to-12';
import { radioOf13 } from '../plan/upgrades/to-13';
import { descriptionOf } from '../radios/describe';
import { bytesOf, type Format, sniffJson, textOf } from './format';
import { parseJson, problemsOf, type Wanted } from './json';

export const RADIO_FORMAT = 'yellow-relay-radio';
export const RADIO_VERSION = 4;

/** A description under its name. */
export type SharedRadio = Omit<RadioKind, 'id'>;

interface RadioDocument {
  format: typeof RADIO_FORMAT;
  formatVersion: number;
  name: string;
  radio: RadioDescription;
}

/** `STEPS[n]` turns version n + 1 into the next. */
const STEPS = [radioOf11, radioOf12, radioOf13];
const isVersion = (value: unknown) => Number.isInteger(value) && Number(value) >= 1 && Number(value) <= RADIO_VERSION;

const WANTED: readonly Wanted[] = [
  ['format', (value) => value === RADIO_FORMAT, `“${RADIO_FORMAT}”`],
  ['formatVersion', isVersion, `a whole number from 1 to ${RADIO_VERSION}`],
  ['name', (value) => typeof value === 'string' && value.trim() !== '' && value.length <= 60, 'a name'],
  ['radio', (value) => isObject(value), 'what the radio is'],
];

const isObject = (value: unknown): value is Record<string, unknown> =>
  typeof value === 'object' && value !== null && !Array.isArray(value);
const isWatts = (value: unknown) => typeof value === 'number' && value > 0 && value <= 2000;
const isCount = (value: unknown) => value === null || (Number.isInteger(value) && (value as number) >= 0);
const isBand = (value: unknown) =>
  isObject(value) && Number.isInteger(value['lowHz']) && Number.isInteger(value['highHz']);
const isOption = (value: unknown) =>
  isObject(value) && typeof value['name'] === 'string' && Array.isArray(value['values']) && value['values'].length > 0;
const isStep = (value: unknown) =>
  isObject(value) &&
  typeof value['name'] === 'string' &&
  value['name'].trim() !== '' &&
  value['name'].length <= STEP_NAME &&
  (value['watts'] === null || isWatts(value['watts']));
const areSteps = (value: unknown) =>
  Array.isArray(value) &&
  value.length <= MOST_STEPS &&
  value.every(isStep) &&
  new Set(value.map(({ name }: { name: string }) => name.trim().toLowerCase())).size === value.length;
const areBands = (value: unknown) => Array.isArray(value) && value.length <= 10 && value.every(isBand);

/** What must hold of a description; the plan's schema tells the rest when it is taken into a plan. */
const IN_RADIO: readonly Wanted[] = [
  ['bands', areBands, 'at most 10 bands with lowHz and highHz'],
  ['receiveOnly', areBands, 'at most 10 bands with lowHz and highHz'],
  ['power', areSteps, `at most ${MOST_STEPS} steps, each with a name of its own and its watts, or null`],
  ['limits', (value) => isObject(value) && Object.values(value).every(isCount), 'counts, or null where not known'],
  [
    'display',
    (value) => isObject(value) && isCount(value['lines']) && isCount(value['letters']),
    'lines and letters of one, or null where not known',
  ],
  [
    'options',
    (value) => Array.isArray(value) && value.length <= 50 && value.every(isOption),
    'at most 50 options, each with a name and its values',
  ],
  [
    'keying',
    (value) => value === null || (isObject(value) && Array.isArray(value['routines'])),
    'routines of keys, or null',
  ],
  ['letters', (value) => value === null || NAME_LETTERS.includes(value as never), `${NAME_LETTERS.join(', ')} or null`],
  ...MODE_IDS.map((mode): Wanted => [mode, (value) => value === null || isObject(value), 'a block, or null']),
];

export const radioJson: Format<SharedRadio> = {
  id: 'radio-json',
  name: 'Description of a radio',
  extensions: ['radio.json', 'json'],
  mediaType: 'application/json',
  sniff: (bytes) => sniffJson(bytes, RADIO_FORMAT),
  write({ name, description }) {
    const radio = descriptionOf(description);
    const document: RadioDocument = { format: RADIO_FORMAT, formatVersion: RADIO_VERSION, name, radio };
    return bytesOf(`${JSON.stringify(document, null, 2)}\n`);
  },
  read(bytes) {
    const { value, finding } = parseJson(textOf(bytes));
    const findings = finding ? [finding] : problemsOf(value, WANTED);
    if (findings.length > 0) return { value: null, findings };
    const { name, formatVersion, radio: as } = value as RadioDocument;
    const radio = STEPS.slice(formatVersion - 1).reduce((now, step) => step(now), {
      ...as,
    } as unknown as Document) as unknown as RadioDescription;
    const problems = problemsOf(radio, IN_RADIO);
    if (problems.length > 0)
      return { value: null, findings: problems.map((one) => ({ ...one, place: `/radio${one.place}` })) };
    return { value: { name: name.trim(), description: descriptionOf(radio) }, findings: [] };
  },
};
