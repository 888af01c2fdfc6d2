/** The fields of a channel in the order of the sheet: those all modes share, then each mode's own. */
import { columnsOf, type ColumnField, ofAll } from './channel-field';
import { formatMHz, formatShiftMHz, meantMHz, MOST_HZ, parseMHz } from '../units/quantities';
import { isSameStep, LEAST, MOST, STEP_NAME, lowestOf, stepNamesOf, stepOf } from '../plan/power';
import type { ChannelValues, CodeplugBlocks } from '../plan/types';
import type { ChannelField, FieldRadio, Reading } from './channel-field';
import type { CodeplugModes } from './mode-codeplug';
import { oneLine, refused, wholeBetween } from './reading';

const NAME_MAX = 60;
/** An hour: no radio sends longer. */
const LONGEST_OVER_S = 3600;

function readFrequency(text: string, put: (to: ChannelValues, hz: number) => void): Reading {
  const hz = parseMHz(text);
  if (hz === null || hz <= 0 || hz > MOST_HZ)
    return refused(`“${text}”`, `a frequency in MHz, such as ${meantMHz(text) ?? '439.125'}`);
  return { put: (to) => put(to, hz) };
}

/** A step of the radio where its steps are known; any word where they are not. */
function readPower(typed: string, radio: FieldRadio): Reading {
  const text = oneLine(typed);
  if (radio && radio.power.length > 0) {
    const step = stepOf(radio, text);
    return step
      ? { put: (to) => (to.power = step.name) }
      : refused(`“${text}”`, `a step of its power: ${stepNamesOf(radio).join(', ')}`);
  }
  return text === '' || text.length > STEP_NAME
    ? refused(
        `${text.length} characters`,
        `a step of power of 1 to ${STEP_NAME} characters, such as ${LEAST} or ${MOST}`,
      )
    : { put: (to) => (to.power = text) };
}

const GENERAL_FIELDS: readonly ChannelField[] = [
  {
    id: 'name',
    weight: 0,
    title: 'Channel',
    kind: 'text',
    order: 10,
    width: 138,
    facts: [],
    show: (one) => one.name,
    read: (typed) => {
      const text = oneLine(typed);
      return text === '' || text.length > NAME_MAX
        ? refused(`${text.length} characters`, `a name of 1 to ${NAME_MAX}`)
        : { put: (to) => (to.name = text) };
    },
    copy: (to, from) => (to.name = from.name),
  },
  {
    id: 'rx',
    weight: 10,
    title: 'Receive MHz',
    kind: 'number',
    order: 30,
    width: 100,
    facts: ['frequency'],
    expected: ({ expects }) => formatMHz(Number(expects)),
    same: (one, _, other) => one.rxHz === other.rxHz,
    show: (one) => formatMHz(one.rxHz),
    // The shift stays: whoever moves a channel's receive frequency moves the pair.
    read: (text) =>
      readFrequency(text, (to, hz) => {
        to.txHz = Math.max(1, hz + to.txHz - to.rxHz);
        to.rxHz = hz;
      }),
    copy: (to, from) => {
      to.txHz = from.rxHz + to.txHz - to.rxHz;
      to.rxHz = from.rxHz;
    },
  },
  {
    id: 'shift',
    weight: 8,
    title: 'Shift MHz',
    kind: 'number',
    order: 40,
    width: 82,
    facts: ['shift'],
    expected: ({ expects }) => formatShiftMHz(Number(expects)),
    same: (one, _, other) => one.txHz - one.rxHz === other.txHz - other.rxHz,
    show: (one) => formatShiftMHz(one.txHz - one.rxHz),
    read: (text) => {
      const hz = parseMHz(text);
      if (hz === null || Math.abs(hz) > MOST_HZ)
        return refused(`“${text}”`, 'a shift in MHz with its sign, such as -7.6, or 0');
      return { put: (to) => (to.txHz = Math.max(1, to.rxHz + hz)) };
    },
    copy: (to, from) => (to.txHz = to.rxHz + from.txHz - from.rxHz),
  },
  {
    id: 'power',
    weight: 1,
    title: 'Power',
    kind: 'text',
    order: 300,
    width: 68,
    options: (_, radio) => (radio ? stepNamesOf(radio) : [LEAST, MOST]),
    facts: ['level'],
    expected: (_, { radio }) => lowestOf(radio),
    same: (one, _, other) => isSameStep(one.power, other.power),
    show: (one) => one.power,
    read: (text, _, radio) => readPower(text, radio),
    copy: (to, from) => (to.power = from.power),
  },
  {
    id: 'timeOut',
    weight: 0,
    later: true,
    title: 'Time-out s',
    kind: 'number',
    order: 310,
    width: 84,
    facts: [],
    show: (one) => (one.timeOutS === null ? '' : String(one.timeOutS)),
    read: (text) =>
      text.trim() === ''
        ? { put: (to) => (to.timeOutS = null) }
        : wholeBetween(text, 1, LONGEST_OVER_S, (to, seconds) => (to.timeOutS = seconds)),
    copy: (to, from) => (to.timeOutS = from.timeOutS),
  },
  {
    id: 'options',
    weight: 0,
    later: true,
    title: 'Options',
    kind: 'text',
    order: 320,
    width: 120,
    facts: [],
    show: (one) =>
      Object.entries(one.options)
        .map(([name, value]) => `${name}: ${value}`)
        .join('; '),
    read: readOptions,
    copy: (to, from) => (to.options = { ...from.options }),
  },
];

/** `Talkaround: on; Scrambler: off`. */
function readOptions(text: string): Reading {
  const parts = oneLine(text)
    .split(';')
    .map((part) => part.trim())
    .filter(Boolean);
  const pairs = parts.map((part) => /^([^:]{1,60}?)\s*:\s*(.{1,40})$/.exec(part));
  const at = pairs.findIndex((pair) => pair === null);
  if (at >= 0) return refused(`“${parts[at]!}”`, 'an option and its value, such as Talkaround: on');
  const options = Object.fromEntries(pairs.map((pair) => [pair![1]!, pair![2]!]));
  return { put: (to) => (to.options = { ...options }) };
}

const columns = new WeakMap<CodeplugModes, readonly ColumnField[]>();

/** Every field of a channel, whichever its mode, in the order of files; made once per set of modes. */
export function channelFields(modes: CodeplugModes): readonly ColumnField[] {
  let known = columns.get(modes);
  if (!known) columns.set(modes, (known = [...GENERAL_FIELDS.map(ofAll), ...columnsOf(Object.values(modes))]));
  return known;
}

export interface Difference {
  field: ColumnField;
  from: string;
  to: string;
}

/** The values alone, without the links of a channel. */
export function valuesOf({ name, mode, rxHz, txHz, power, timeOutS, options, ...rest }: ChannelValues): ChannelValues {
  const common = { name, mode, rxHz, txHz, power, timeOutS, options };
  return { ...common, [mode]: (rest as Record<string, unknown>)[mode] } as unknown as ChannelValues;
}

/** The fields in which two channels differ, as people read them. */
export function differences(
  modes: CodeplugModes,
  codeplug: CodeplugBlocks,
  from: ChannelValues,
  to: ChannelValues,
): Difference[] {
  return channelFields(modes)
    .map((field) => ({ field, from: field.show(from, codeplug), to: field.show(to, codeplug) }))
    .filter((one) => one.from !== one.to);
}
