/** How a radio is programmed by hand: its key sequences as data. What they mean is in `keying/`. */
import { exact, line, nullOr, type Schema, whole } from './schema-parts';

/**
 * Presses of keys, one after another, by the names that stand on them: `F`, `MENU`, `7`. A key that is held is a key of
 * its own: `F (hold)`.
 */
export type Keys = string[];

/** What a radio offers as the number of a memory when one begins to write it. */
export const OFFERS = ['first free', 'one after the last', 'the last'] as const;

/**
 * How a value gets in. `digits`: typed, all of them: of a number those before and behind the point, filled up with
 * zeros. `turn`: stepped through a list, from what is set. `letters`: one place after another, each stepped through a
 * list of letters. `taps`: one place after another, each by pressing the key of a letter as often as it takes.
 */
export type KeyEntry =
  | { kind: 'digits'; before: number; behind: number }
  | { kind: 'turn'; next: string; previous: string | null; wraps: boolean; choices: KeyChoice[] }
  | { kind: 'letters'; next: string; previous: string | null; forward: string; letters: string; places: number }
  | { kind: 'taps'; keys: TapKey[]; forward: string; places: number };

/** `letters`: in the order in which presses bring them. */
export interface TapKey {
  key: string;
  letters: string;
}

/** `value`: as a sheet of channels shows it; `shown`: on the display of the radio. */
export interface KeyChoice {
  value: string;
  shown: string;
}

/** One setting, from the keys that open it to those that end it. */
export interface KeyField {
  /** What it sets: see `keying/values.ts`. */
  sets: string;
  begins: Keys;
  entry: KeyEntry;
  ends: Keys;
  /** What the display shows after it; `{value}` stands for what was set. */
  shows: string;
  /** Only reached while another setting has one of these values; `null`: always. */
  when: { sets: string; is: string[] } | null;
  /** What goes wrong here, said where it bites; empty for nothing. */
  trap: string;
}

/** How what is set goes into a memory. */
export interface KeyWrite {
  begins: Keys;
  offers: (typeof OFFERS)[number];
  /** How another number is chosen than the one that is offered. */
  entry: { kind: 'digits'; places: number } | { kind: 'turn'; next: string; previous: string };
  ends: Keys;
  /** Seconds without a press after which the radio gives up; `null`: none, or not known. */
  timeOutS: number | null;
  trap: string;
}

/** What is kept in memories of one kind, and how. */
export interface KeyRoutine {
  /** `channel`, `home`, `quick`, `scan`, or what a mode keeps beside channels: `c4fm/rooms`. */
  stores: string;
  /** Keys that lead to it, and back. */
  opens: Keys;
  closes: Keys;
  fields: KeyField[];
  write: KeyWrite;
  /** Empties a memory once its number is chosen, in place of `write.ends`; empty: it cannot be said. */
  erases: Keys;
  /** Numbers of its memories. */
  first: number;
  last: number;
}

export interface Keying {
  /** What to do before the first press, such as taking off the lock; empty for nothing. */
  before: string;
  routines: KeyRoutine[];
}

const KEY = line(20, 1);
const KEYS: Schema = { type: 'array', maxItems: 20, items: KEY };
const FIELD = line(40, 1);
const REMARK = line(300);

const kind = (name: string, properties: Record<string, Schema>): Schema =>
  exact({ kind: { const: name }, ...properties });

const oneOf = (variants: Schema[]): Schema => ({
  type: 'object',
  discriminator: { propertyName: 'kind' },
  required: ['kind'],
  oneOf: variants,
});

const ENTRY = oneOf([
  kind('digits', { before: whole(1, 10), behind: whole(0, 6) }),
  kind('turn', {
    next: KEY,
    previous: nullOr(KEY),
    wraps: { type: 'boolean' },
    choices: { type: 'array', minItems: 1, maxItems: 500, items: exact({ value: line(60), shown: line(40) }) },
  }),
  kind('letters', { next: KEY, previous: nullOr(KEY), forward: KEY, letters: line(200, 1), places: whole(1, 60) }),
  kind('taps', {
    keys: { type: 'array', minItems: 1, maxItems: 40, items: exact({ key: KEY, letters: line(40, 1) }) },
    forward: KEY,
    places: whole(1, 60),
  }),
]);

export const KEYING_SCHEMA: Schema = exact({
  before: REMARK,
  routines: {
    type: 'array',
    maxItems: 20,
    items: exact({
      stores: FIELD,
      opens: KEYS,
      closes: KEYS,
      fields: {
        type: 'array',
        maxItems: 60,
        items: exact({
          sets: FIELD,
          begins: KEYS,
          entry: ENTRY,
          ends: KEYS,
          shows: line(80),
          when: nullOr(exact({ sets: FIELD, is: { type: 'array', minItems: 1, maxItems: 100, items: line(60) } })),
          trap: REMARK,
        }),
      },
      write: exact({
        begins: KEYS,
        offers: { enum: [...OFFERS] },
        entry: oneOf([kind('digits', { places: whole(1, 6) }), kind('turn', { next: KEY, previous: KEY })]),
        ends: KEYS,
        timeOutS: nullOr(whole(1, 600)),
        trap: REMARK,
      }),
      erases: KEYS,
      first: whole(0, 9999),
      last: whole(0, 9999),
    }),
  },
});
