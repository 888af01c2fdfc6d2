/** The fields of a channel in the order of the sheet: those all modes share, then each mode's own. */
import { MODES } from '../modes/registry';
import { columnsOf, type ColumnField, ofAll } from './channel-field';
import { formatMHz, formatShiftMHz, parseMHz } from '../radio-math/quantities';
import type { ChannelValues, Codeplug } from '../plan/types';
import type { ChannelField, Reading } from './channel-field';
import { choice } from './reading';

const NAME_MAX = 60;
const FREQUENCY_MAX_HZ = 6_000_000_000;

function readFrequency(text: string, put: (to: ChannelValues, hz: number) => void): Reading {
  const hz = parseMHz(text);
  if (hz === null || hz <= 0 || hz > FREQUENCY_MAX_HZ) return { problem: `Found “${text}”, expected a frequency in MHz, such as 439.125.` };
  return { put: (to) => put(to, hz) };
}

const GENERAL_FIELDS: readonly ChannelField[] = [
  {
    id: 'name',
    title: 'Channel',
    kind: 'text',
    fact: null,
    show: (one) => one.name,
    read: (text) => (text.trim() === '' || text.trim().length > NAME_MAX ? { problem: `Found ${text.trim().length} characters, expected a name of 1 to ${NAME_MAX}.` } : { put: (to) => (to.name = text.trim()) }),
    copy: (to, from) => (to.name = from.name),
  },
  {
    id: 'rx',
    title: 'Receive MHz',
    kind: 'number',
    fact: 'frequency',
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
    title: 'Shift MHz',
    kind: 'number',
    fact: 'shift',
    show: (one) => formatShiftMHz(one.txHz - one.rxHz),
    read: (text) => {
      const hz = parseMHz(text);
      if (hz === null || Math.abs(hz) > FREQUENCY_MAX_HZ) return { problem: `Found “${text}”, expected a shift in MHz with its sign, such as -7.6, or 0.` };
      return { put: (to) => (to.txHz = Math.max(1, to.rxHz + hz)) };
    },
    copy: (to, from) => (to.txHz = to.rxHz + from.txHz - from.rxHz),
  },
  {
    id: 'power',
    title: 'Power',
    kind: 'text',
    options: () => ['low', 'high'],
    fact: 'level',
    show: (one) => one.power,
    read: (text) => choice(text, { low: 'low', high: 'high' } as const, (to, power) => (to.power = power)),
    copy: (to, from) => (to.power = from.power),
  },
];

export const CHANNEL_FIELDS: readonly ColumnField[] = [...GENERAL_FIELDS.map(ofAll), ...columnsOf(Object.values(MODES))];

export interface Difference {
  field: ColumnField;
  from: string;
  to: string;
}

export function fieldById(id: string): ColumnField {
  return CHANNEL_FIELDS.find((field) => field.id === id)!;
}

/** The values alone, without the links of a channel. */
export function valuesOf({ name, mode, rxHz, txHz, power, ...rest }: ChannelValues): ChannelValues {
  return { name, mode, rxHz, txHz, power, [mode]: (rest as Record<string, unknown>)[mode] } as unknown as ChannelValues;
}

export function differences(codeplug: Codeplug, from: ChannelValues, to: ChannelValues): Difference[] {
  return CHANNEL_FIELDS.map((field) => ({ field, from: field.show(from, codeplug), to: field.show(to, codeplug) })).filter((one) => one.from !== one.to);
}
