/**
 * One setting of a hotspot: what it is called, its value, where it stands and how it is set. The list of all of them is
 * what the page, the settings sheet, our own file and taught files have in common.
 */
import type { PathKey } from '../plan/patches';
import type { Hotspot, Id, Plan, ProfileValues } from '../plan/types';

/** In the order in which one depends on another. */
export const SECTIONS = [
  'identity',
  'air',
  'modes',
  'hang times',
  'at start',
  'networks',
  'cross-mode',
  'place',
  'system',
  'access',
  'wifi',
] as const;
export type Section = (typeof SECTIONS)[number];

/** What a setting holds: numbers in Hz, seconds, percent or degrees; lists of whole numbers; `null` is not said. */
export type SettingValue = null | boolean | number | string | readonly number[] | readonly object[];

export type SettingKind =
  /** A frequency, whole Hz. */
  | 'frequency'
  /** A signed difference of frequencies, whole Hz. */
  | 'shift'
  | 'number'
  | 'switch'
  | 'text'
  | 'secret'
  | 'choice'
  /** A list of whole numbers. */
  | 'numbers'
  /** Rows of several values, such as route rules; set where they have a table of their own. */
  | 'rows';

export interface Option {
  value: string;
  label: string;
}

/** What is said of a setting wherever it stands. */
interface Described {
  /** Stable, and the same for every hotspot: `frequency-rx`; with ids of networks where each has its own. */
  id: string;
  section: Section;
  title: string;
  kind: SettingKind;
  /** `s`, `%`, `°`; frequencies and shifts have theirs by kind. */
  unit?: string;
  /** Of a number: the least and the most, both included. */
  range?: readonly [number, number];
  /** Of a text: its letters at most. */
  length?: number;
  /** Of a text: whether it can be taken, and what is expected where it cannot. */
  fits?(text: string): boolean;
  expects?: string;
  options?: readonly Option[];
  /** Of rows: each in words; and whether a row of a file is one. */
  lines?: readonly string[];
  isRow?(row: object): boolean;
  /** Whether it may be left unsaid, or be nothing. */
  mayLack?: boolean;
  /** What `null` is called, where it is not “not said”. */
  lackWords?: string;
  hint?: string;
  /** Other words that people have for it. */
  words?: string;
  /** What a key for it in somebody else's settings file is called: a word of each group. */
  terms?: readonly (readonly string[])[];
}

export interface Setting extends Described {
  value: SettingValue;
  /** Where it stands in a profile; `null`: at the hotspot or the station, the same in each profile. */
  path: readonly PathKey[] | null;
  /** Sets it in a draft. The value must be of the kind; see `readValue`. */
  write(draft: Plan, value: SettingValue): void;
}

/** What settings are read from: a hotspot, one of its profiles, and what that comes to. */
export interface SettingsOf {
  plan: Plan;
  site: Hotspot;
  profileId: Id;
  values: ProfileValues;
}

/** What a setting is made from: how it is read from values, and set in them. */
export interface ProfileSpec extends Described {
  path: readonly PathKey[];
  get(values: ProfileValues): SettingValue;
  set(values: ProfileValues, value: never): void;
}

export interface SiteSpec extends Described {
  value: SettingValue;
  set(draft: Plan, value: never): void;
}

/** What a mode holds of a hotspot’s settings. */
export type ModeSettings = (of: SettingsOf) => Setting[];
