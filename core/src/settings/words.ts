/** Settings as people read them. */
import { formatMHz } from '../units/quantities';
import type { Setting, SettingValue } from './setting';

/** Signed, with the sign that print has: `−475`. */
export const signed = (value: number): string => (value < 0 ? `−${Math.abs(value)}` : value > 0 ? `+${value}` : '0');

/** A value without its unit, as it stands in a field; empty where it is not said. */
export function valueText({ kind, options }: Pick<Setting, 'kind' | 'options'>, value: SettingValue): string {
  if (value === null) return '';
  if (kind === 'frequency') return formatMHz(value as number);
  if (kind === 'shift') return signed(value as number);
  if (kind === 'switch') return value === true ? 'on' : 'off';
  if (kind === 'choice') return options?.find((one) => one.value === value)?.label ?? String(value);
  if (kind === 'rows') return String((value as readonly object[]).length);
  return Array.isArray(value) ? (value as readonly number[]).join(', ') : String(value as string | number);
}

/** The unit that stands behind a value; empty for none. */
export const unitOf = ({ kind, unit }: Pick<Setting, 'kind' | 'unit'>): string =>
  kind === 'frequency' ? 'MHz' : kind === 'shift' ? 'Hz' : (unit ?? '');

/** What is read where nobody has said. */
export const lackWords = ({ lackWords: words, kind }: Pick<Setting, 'lackWords' | 'kind'>): string =>
  words ?? (kind === 'numbers' ? 'none' : 'not said');

/** A value with its unit, in words; a secret is shown only where that is asked for. */
export function settingWords(setting: Setting, { passwords }: { passwords: boolean }, value = setting.value): string {
  if (setting.kind === 'secret' && value !== '' && !passwords) return '(left out)';
  const text = valueText(setting, value);
  if (text === '') return lackWords(setting);
  const unit = unitOf(setting);
  return unit === '' ? text : unit === '%' || unit === '°' ? `${text}${unit}` : `${text} ${unit}`;
}
