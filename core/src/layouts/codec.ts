/** How a value stands in somebody else's file: in which unit, with which words for on and off, with how many digits. */
import type { Codec } from '../plan/taught-file';
import type { Setting, SettingValue } from '../settings/setting';

const UNIT_HZ = { Hz: 1, kHz: 1e3, MHz: 1e6 } as const;

/** On and off, in the ways files say it; each also in capitals, or with a capital first. */
const SWITCHES: readonly (readonly [string, string])[] = [
  ['1', '0'],
  ['true', 'false'],
  ['on', 'off'],
  ['yes', 'no'],
  ['enabled', 'disabled'],
  ['enable', 'disable'],
];
const STYLES = [
  (word: string) => word,
  (word: string) => word.toUpperCase(),
  (word: string) => word.charAt(0).toUpperCase() + word.slice(1),
];

/** Texts that stand for nothing. */
const NOTHING = ['', 'none', 'null', '~', '-'];

const decimalsOf = (text: string) => (text.split('.')[1] ?? '').length;

function frequencyCodec(text: string): Codec | null {
  if (!/^\d+(\.\d+)?$/.test(text)) return null;
  const unit = (['Hz', 'kHz', 'MHz'] as const).find((one) => {
    const hz = Number(text) * UNIT_HZ[one];
    return hz >= 20e6 && hz <= 6e9;
  });
  return unit ? { as: 'frequency', unit, decimals: decimalsOf(text) } : null;
}

function numberCodec(text: string): Codec | null {
  if (!/^[+-]?\d+(\.\d+)?$/.test(text)) return null;
  const digits = text.replace(/^[+-]/, '').split('.')[0]!;
  const width = /^0\d/.test(digits) ? digits.length : 0;
  return { as: 'number', decimals: decimalsOf(text), width, plus: text.startsWith('+') };
}

function switchCodec(text: string): Codec | null {
  for (const [on, off] of SWITCHES) {
    const style = STYLES.find((one) => one(on) === text || one(off) === text);
    if (style) return { as: 'switch', on: style(on), off: style(off) };
  }
  return null;
}

function textCodec(text: string, value: SettingValue): Codec {
  if (typeof value === 'string' && value !== text) {
    if (value.replaceAll(' ', '') === text) return { as: 'text', form: 'joined' };
    if (value.toLowerCase() === text) return { as: 'text', form: 'lower' };
  }
  return { as: 'text', form: 'as it is' };
}

/**
 * How a value of a setting could stand as `text`; `null` where it could not. Where nothing stands, as people would
 * write it.
 */
export function codecFor(setting: Setting, text: string): Codec | null {
  const isNothing = NOTHING.includes(text.toLowerCase());
  switch (setting.kind) {
    case 'frequency':
      return frequencyCodec(text);
    case 'shift':
    case 'number':
      if (isNothing && setting.mayLack) return { as: 'number', decimals: 0, width: 0, plus: false };
      return numberCodec(text);
    case 'switch':
      return switchCodec(text);
    case 'numbers': {
      if (isNothing) return { as: 'numbers', separator: ',' };
      const separator = /\d(\s*[,;]\s*|\s+)\d/.exec(text)?.[1] ?? ',';
      return /^\d+((\s*[,;]\s*|\s+)\d+)*$/.test(text) ? { as: 'numbers', separator } : null;
    }
    case 'rows':
      return null;
    case 'choice':
    case 'text':
    case 'secret':
      return textCodec(text, setting.value);
  }
}

/** What stands in the file for a value. */
export function encode(codec: Codec, value: SettingValue): string {
  if (value === null) return '';
  switch (codec.as) {
    case 'frequency': {
      const unitHz = UNIT_HZ[codec.unit];
      const exact = Number(((value as number) / unitHz).toFixed(9));
      // As many digits as there were, and more where the value needs them.
      return exact.toFixed(Math.max(codec.decimals, decimalsOf(String(exact))));
    }
    case 'number': {
      const size = Math.abs(value as number);
      const [whole, part] = size.toFixed(Math.max(codec.decimals, decimalsOf(String(size)))).split('.');
      const sign = (value as number) < 0 ? '-' : codec.plus && (value as number) > 0 ? '+' : '';
      return `${sign}${whole!.padStart(codec.width, '0')}${part ? `.${part}` : ''}`;
    }
    case 'switch':
      return value === true ? codec.on : codec.off;
    case 'numbers':
      return (value as readonly number[]).join(codec.separator);
    case 'text':
      return codec.form === 'joined'
        ? String(value as string).replaceAll(' ', '')
        : codec.form === 'lower'
          ? String(value as string).toLowerCase()
          : String(value as string);
  }
}

/** The value that a text stands for; `undefined` where it stands for none. */
export function decode(codec: Codec, setting: Setting, text: string): SettingValue | undefined {
  const isNothing = NOTHING.includes(text.toLowerCase());
  if (isNothing && codec.as !== 'text')
    return codec.as === 'numbers' ? [] : setting.mayLack && codec.as !== 'switch' ? null : undefined;
  switch (codec.as) {
    case 'frequency':
      return /^\d+(\.\d+)?$/.test(text) ? Math.round(Number(text) * UNIT_HZ[codec.unit]) : undefined;
    case 'number':
      return /^[+-]?\d+(\.\d+)?$/.test(text) ? Number(text) : undefined;
    case 'switch':
      return text === codec.on ? true : text === codec.off ? false : undefined;
    case 'numbers': {
      const numbers = text.split(/[\s,;]+/).map(Number);
      return numbers.every(Number.isInteger) ? numbers : undefined;
    }
    case 'text': {
      const { value, mayLack, kind } = setting;
      if (mayLack && isNothing) return null;
      // What is meant is known where it says the same as the plan does.
      if (typeof value === 'string' && encode(codec, value) === text) return value;
      return kind === 'secret' ? text : text.trim();
    }
  }
}
