/** What was typed, or stands in a file as people write it, as the value of a setting. */
import { MOST_HZ, parseMHz, parseWhole } from '../units/quantities';
import type { Setting, SettingValue } from './setting';

export type Read = { value: SettingValue } | { expected: string };

const ON = ['on', 'yes', 'true', '1', 'enabled'];
const OFF = ['off', 'no', 'false', '0', 'disabled'];
const LACKS = ['', 'not said', 'none', 'nothing', '-'];

function readNumber(text: string, whole: boolean): number | null {
  const plain = text.trim().replace('−', '-').replace(',', '.').replace(/^\+/, '');
  const value = Number(plain);
  return plain !== '' && Number.isFinite(value) && (!whole || Number.isInteger(value)) ? value : null;
}

function within({ range }: Setting, value: number | null): value is number {
  return value !== null && (!range || (value >= range[0] && value <= range[1]));
}

/** @returns the value, or what was expected */
export function readValue(setting: Setting, text: string): Read {
  const { kind, mayLack, lackWords, range, length, options, unit } = setting;
  const plain = text.trim();
  const lower = plain.toLowerCase();
  if (mayLack && kind !== 'text' && kind !== 'secret' && (LACKS.includes(lower) || lower === lackWords?.toLowerCase()))
    return { value: kind === 'numbers' ? [] : null };
  switch (kind) {
    case 'frequency': {
      const hz = parseMHz(plain);
      return hz !== null && hz > 0 && hz <= MOST_HZ ? { value: hz } : { expected: 'a frequency in MHz' };
    }
    case 'shift': {
      const hz = readNumber(plain.replace(/\s*hz$/i, ''), true);
      return within(setting, hz) ? { value: hz } : { expected: 'a whole number of Hz with its sign, such as −475' };
    }
    case 'number': {
      const value = readNumber(unit && plain.endsWith(unit) ? plain.slice(0, -unit.length) : plain, false);
      if (within(setting, value)) return { value };
      return { expected: range ? `a number from ${range[0]} to ${range[1]}` : 'a number' };
    }
    case 'switch':
      if (ON.includes(lower)) return { value: true };
      return OFF.includes(lower) ? { value: false } : { expected: 'on or off' };
    case 'choice': {
      const found = options?.find((one) => one.value === plain || one.label.toLowerCase() === lower);
      return found
        ? { value: found.value }
        : { expected: `one of ${(options ?? []).map((one) => one.label).join(', ')}` };
    }
    case 'numbers': {
      const parts = plain === '' ? [] : plain.split(/[\s,;]+/).map(parseWhole);
      return parts.some((one) => one === null)
        ? { expected: 'whole numbers with commas between them' }
        : { value: parts as number[] };
    }
    case 'rows':
      return { expected: 'rows, which are set in a table of their own' };
    case 'text':
    case 'secret':
      if (length !== undefined && text.length > length) return { expected: `at most ${length} characters` };
      if (setting.fits && plain !== '' && !setting.fits(plain)) return { expected: setting.expects ?? 'another text' };
      return { value: kind === 'secret' ? text : mayLack && plain === '' ? null : plain };
  }
}

/** Whether a value is of a setting's kind, as a file of our own has it. */
export function isOfKind(setting: Setting, value: unknown): value is SettingValue {
  const { kind, mayLack, length } = setting;
  if (value === null) return mayLack === true;
  switch (kind) {
    case 'frequency':
      return Number.isInteger(value) && (value as number) > 0 && (value as number) <= MOST_HZ;
    case 'shift':
      return Number.isInteger(value) && within(setting, value as number);
    case 'number':
      return typeof value === 'number' && within(setting, value);
    case 'switch':
      return typeof value === 'boolean';
    case 'numbers':
      return Array.isArray(value) && value.every((one) => Number.isInteger(one));
    case 'rows':
      return (
        Array.isArray(value) &&
        value.every((one) => typeof one === 'object' && one !== null && setting.isRow?.(one as object) === true)
      );
    default:
      return (
        typeof value === 'string' &&
        value.length <= (length ?? Infinity) &&
        (setting.fits === undefined || value === '' || setting.fits(value))
      );
  }
}

/** What a value of a setting must be, for a message. */
export function expectedOf(setting: Setting): string {
  const { kind, range, expects } = setting;
  const found: Record<Setting['kind'], string> = {
    frequency: 'a frequency in Hz',
    shift: 'a whole number of Hz',
    number: range ? `a number from ${range[0]} to ${range[1]}` : 'a number',
    switch: 'true or false',
    choice: 'a text',
    numbers: 'a list of whole numbers',
    rows: 'a list of rows',
    text: expects ?? 'a text',
    secret: 'a text',
  };
  return `${found[kind]}${setting.mayLack ? ', or null' : ''}`;
}
