/** The presses that set one value or write one memory, from what is set now; the fewest there are. */
import type { KeyEntry, KeyField, KeyRoutine } from '../plan/keying';
import { BLANK, lettersOf, shownAs } from './entry';

/** A key, pressed so often; or until something stands on the display, where nobody knows what stands there now. */
export interface Press {
  key: string;
  times: number;
  until: string | null;
}

const press = (key: string, times = 1): Press => ({ key, times, until: null });
const pressUntil = (key: string, until: string): Press => ({ key, times: 1, until });
const keys = (all: readonly string[]): Press[] => all.map((key) => press(key));

/** Presses one after another, those of one key together. */
export function joined(presses: readonly Press[]): Press[] {
  const all: Press[] = [];
  for (const one of presses) {
    const last = all.at(-1);
    if (last?.key === one.key && last.until === null && one.until === null) last.times += one.times;
    else if (one.times > 0) all.push({ ...one });
  }
  return all;
}

/** From one place of a list to another, the shorter way round. `next`, `previous`: its keys. */
function turns(
  from: number,
  to: number,
  length: number,
  { next, previous, wraps }: { next: string; previous: string | null; wraps: boolean },
): Press[] {
  if (from === to) return [];
  const on = to > from ? to - from : wraps ? length - from + to : Infinity;
  const back = previous === null ? Infinity : to < from ? from - to : wraps ? from + length - to : Infinity;
  return back < on ? [press(previous!, back)] : [press(next, on)];
}

function turnPresses(entry: Extract<KeyEntry, { kind: 'turn' }>, from: string | null, to: string): Press[] {
  const { choices, next, previous, wraps } = entry;
  const at = (value: string) => choices.findIndex((one) => one.value === value);
  if (from !== null && at(from) >= 0) return turns(at(from), at(to), choices.length, entry);
  if (wraps || previous === null) return [pressUntil(next, shownAs(entry, to))];
  // A list with ends: back to its beginning, and on from there.
  return [pressUntil(previous, choices[0]!.shown), press(next, at(to))];
}

type TextEntry = Extract<KeyEntry, { kind: 'letters' | 'taps' }>;

/** One letter where another stands; `null`: nobody knows which. */
function letterPresses(entry: TextEntry, from: string | null, to: string): Press[] {
  if (entry.kind === 'taps') {
    const { key, letters } = entry.keys.find((one) => one.letters.includes(to))!;
    return [press(key, letters.indexOf(to) + 1)];
  }
  if (from === null) return [pressUntil(entry.next, to)];
  const letters = lettersOf(entry);
  return turns(letters.indexOf(from), letters.indexOf(to), letters.length, { ...entry, wraps: true });
}

/** Only the places that differ; on to the next one in between. */
function textPresses(entry: TextEntry, from: string | null, to: string): Press[] {
  const { places, forward } = entry;
  const wanted = to.padEnd(places, BLANK);
  const now = from?.padEnd(places, BLANK);
  const presses: Press[] = [];
  let passed = 0;
  for (let place = 0; place < places; place += 1) {
    if (now?.[place] !== wanted[place]) {
      presses.push(press(forward, passed), ...letterPresses(entry, now?.[place] ?? null, wanted[place]!));
      passed = 0;
    }
    passed += 1;
  }
  return presses;
}

/**
 * Presses from the keys that open a setting to those that end it.
 * @param from what is set, as its entry keeps it; `null`: nobody knows
 * @param to what is to be set, likewise
 */
export function fieldPresses({ begins, entry, ends }: KeyField, from: string | null, to: string): Press[] {
  const value =
    entry.kind === 'digits'
      ? keys([...to])
      : entry.kind === 'turn'
        ? turnPresses(entry, from, to)
        : textPresses(entry, from, to);
  return joined([...keys(begins), ...value, ...keys(ends)]);
}

/**
 * Presses that write a memory, or empty it.
 * @param offered the number that the radio offers; `null`: nobody knows
 * @returns `null` where that number cannot be reached
 */
export function writePresses(
  routine: KeyRoutine,
  offered: number | null,
  number: number,
  empties: boolean,
): Press[] | null {
  const { first, last, write } = routine;
  if (write.ends.length === 0 && !empties) return offered === number ? keys(write.begins) : null;
  return joined([
    ...keys(write.begins),
    ...(offered === number ? [] : numberPresses(write.entry, offered, number, first, last)),
    ...keys(empties ? routine.erases : write.ends),
  ]);
}

function numberPresses(
  entry: KeyRoutine['write']['entry'],
  offered: number | null,
  number: number,
  first: number,
  last: number,
): Press[] {
  if (entry.kind === 'digits') return keys([...String(number).padStart(entry.places, '0')]);
  if (offered === null) return [pressUntil(entry.next, String(number))];
  return turns(offered - first, number - first, last - first + 1, { ...entry, wraps: true });
}

/** How many presses that is; a search through a list counts as half of it. */
export function pressCount(presses: readonly Press[], searched = 8): number {
  return presses.reduce((sum, { times, until }) => sum + (until === null ? times : searched), 0);
}
