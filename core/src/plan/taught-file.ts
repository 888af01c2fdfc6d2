/** A hotspot's own settings file, once it is known which of its keys is which setting. */
import { exact, line, type Schema, whole } from './schema-parts';

/** How a value stands in the file: in which unit, with which words for on and off, with how many digits. */
export type Codec =
  | { as: 'frequency'; unit: 'Hz' | 'kHz' | 'MHz'; decimals: number }
  /** `width`: filled up with zeros; `plus`: a sign before positive ones. */
  | { as: 'number'; decimals: number; width: number; plus: boolean }
  | { as: 'switch'; on: string; off: string }
  | { as: 'text'; form: 'as it is' | 'joined' | 'lower' }
  | { as: 'numbers'; separator: string };

/** A key of the file, and the setting that it holds. */
export interface TaughtKey {
  /** Sections and key: `Modem#2/Enable`. */
  path: string;
  settingId: string;
  codec: Codec;
}

export interface TaughtFile {
  name: string;
  /** `latin1`: a character a byte, where it is no UTF-8. */
  encoding: 'utf-8' | 'latin1';
  /** The file as it was given, which may hold passwords: kept apart from documents as they are. */
  secretText: string;
  keys: TaughtKey[];
}

/** Files longer than this are refused: no hotspot has as much to set. Characters. */
export const MOST_TEXT = 200_000;

const codec: Schema = {
  type: 'object',
  discriminator: { propertyName: 'as' },
  required: ['as'],
  oneOf: [
    exact({ as: { const: 'frequency' }, unit: { enum: ['Hz', 'kHz', 'MHz'] }, decimals: whole(0, 12) }),
    exact({ as: { const: 'number' }, decimals: whole(0, 20), width: whole(0, 30), plus: { type: 'boolean' } }),
    exact({ as: { const: 'switch' }, on: line(20), off: line(20) }),
    exact({ as: { const: 'text' }, form: { enum: ['as it is', 'joined', 'lower'] } }),
    exact({ as: { const: 'numbers' }, separator: line(20) }),
  ],
};

export const TAUGHT_FILE_SCHEMA: Schema = exact({
  name: line(200),
  encoding: { enum: ['utf-8', 'latin1'] },
  secretText: { type: 'string', maxLength: MOST_TEXT, pattern: '^[^\\u0000\\ud800-\\udfff]*$' },
  keys: {
    type: 'array',
    maxItems: 1000,
    items: exact({ path: line(500, 1), settingId: line(200, 1), codec }),
  },
});
