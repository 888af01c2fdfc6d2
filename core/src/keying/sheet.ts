/**
 * The sheet by which a radio is programmed by hand: what differs from what it holds, in the order that takes the fewest
 * presses, each press with what the display shows after it. Every sheet is played on the pad before anybody sees it.
 */
import type { KeyField, Keying, KeyRoutine } from '../plan/keying';
import { asEntered, shownAs } from './entry';
import { offeredNumber } from './offer';
import { bestOrder } from './order';
import { Pad, PadFault, type PadState } from './pad';
import { fieldPresses, joined, type Press, pressCount, writePresses } from './presses';
import type { Kept, TitleOf, Values } from './values';

/** A press, and what the display shows after it. */
export interface ShownPress extends Press {
  shows: string;
}

export interface SheetStep {
  /** What it sets, by what sets it; `write` and `open` for what leads to a memory. */
  sets: string;
  value: string;
  presses: ShownPress[];
  /** What goes wrong here; empty for nothing. */
  trap: string;
}

/** One memory, from the first key to the last. */
export interface SheetEntry {
  stores: string;
  number: number;
  name: string;
  does: 'new' | 'changed' | 'emptied';
  steps: SheetStep[];
}

export interface KeyingSheet {
  before: string;
  entries: SheetEntry[];
  presses: number;
  /** What it would take in the order of the codeplug. */
  inOrder: number;
  /** Memories that the radio holds already. */
  leftOut: number;
  /** What cannot be entered by these keys, and why. */
  skipped: { stores: string; number: number; name: string; reason: string }[];
  /** What of channels no key sets, by its field. */
  notByKeys: string[];
}

/** What is known of a routine while its sheet is made. */
interface Known {
  /** What is set, by what sets it; what is not in it nobody knows. */
  dial: Map<string, string>;
  /** Numbers that hold something; `null`: nobody knows. */
  taken: Set<number> | null;
  last: number | null;
}

interface Todo {
  kept: Kept;
  does: SheetEntry['does'];
  /** As the entries keep them. */
  values: ReadonlyMap<string, string>;
}

type BareStep = Omit<SheetStep, 'presses'> & { presses: Press[] };

/** The values of a memory that this routine can set, or why one of them cannot be. */
function enteredOf(routine: KeyRoutine, values: Values): ReadonlyMap<string, string> | { reason: string } {
  const entered = new Map<string, string>();
  for (const { sets, entry } of routine.fields) {
    const text = values[sets];
    if (text === undefined) continue;
    const as = asEntered(entry, text);
    if ('reason' in as) return { reason: `${sets}: ${as.reason}` };
    entered.set(sets, as.text);
  }
  return entered;
}

/** Sets what differs; a setting that is hidden is laid open first, and what hid it is set again behind it. */
function setAll(
  routine: KeyRoutine,
  dial: Map<string, string>,
  wanted: ReadonlyMap<string, string>,
): BareStep[] | string {
  const steps: BareStep[] = [];
  const fieldOf = new Map(routine.fields.map((field) => [field.sets, field]));
  const put = (field: KeyField, value: string): void => {
    const { sets, entry, trap } = field;
    const from = dial.get(sets) ?? null;
    if (from === value) return;
    steps.push({ sets, value: shownAs(entry, value), presses: fieldPresses(field, from, value), trap });
    dial.set(sets, value);
  };
  const isPending = ({ sets }: KeyField) => wanted.has(sets) && dial.get(sets) !== wanted.get(sets);
  /** Set now, it would hide another that is still to be set. */
  const wouldHide = ({ sets }: KeyField) =>
    routine.fields.some(
      (other) => other.when?.sets === sets && isPending(other) && !other.when.is.includes(wanted.get(sets)!),
    );
  for (let pass = 0; pass < 2; pass += 1)
    for (const field of routine.fields) {
      const value = wanted.get(field.sets);
      if (value === undefined || !isPending(field) || (pass === 0 && wouldHide(field))) continue;
      const { when } = field;
      if (when && !when.is.includes(dial.get(when.sets) ?? '')) {
        const hider = fieldOf.get(when.sets);
        const meant = wanted.get(when.sets);
        const open = meant !== undefined && when.is.includes(meant) ? meant : when.is[0]!;
        const as = hider && asEntered(hider.entry, open);
        if (!as || 'reason' in as) return `${field.sets}: it is hidden, and no key lays it open`;
        put(hider, as.text);
      }
      put(field, value);
    }
  const lost = routine.fields.find(isPending);
  return lost ? `${lost.sets}: it cannot be set together with the rest` : steps;
}

/** The number that the radio is known to offer; `null`: it hangs on what nobody knows. */
function knownOffer(routine: KeyRoutine, { taken, last }: Known): number | null {
  if (routine.first === routine.last) return routine.first;
  const isKnown = routine.write.offers === 'first free' ? taken !== null : last !== null;
  return isKnown ? offeredNumber(routine, taken ?? new Set(), last) : null;
}

/** What one memory takes from here, and what is known behind it. A text: why it cannot be entered. */
function stepsOf(routine: KeyRoutine, known: Known, { kept, does, values }: Todo): BareStep[] | string {
  const steps = does === 'emptied' ? [] : setAll(routine, known.dial, values);
  if (typeof steps === 'string') return steps;
  const { number } = kept;
  const offered = knownOffer(routine, known);
  const presses = writePresses(routine, offered, number, does === 'emptied');
  if (!presses) return `the radio writes it to memory ${offered ?? '?'}, not to ${number}`;
  steps.push({ sets: does === 'emptied' ? 'empty' : 'write', value: String(number), presses, trap: trapOf(routine) });
  if (does === 'emptied') known.taken?.delete(number);
  else {
    known.taken?.add(number);
    known.last = number;
  }
  return steps;
}

const trapOf = ({ write: { timeOutS, trap } }: KeyRoutine): string =>
  [timeOutS === null ? '' : `Within ${timeOutS} s, or it gives up.`, trap].filter(Boolean).join(' ');

/** A copy to go on from. */
const copyOf = ({ dial, taken, last }: Known): Known => ({ dial: new Map(dial), taken: taken && new Set(taken), last });

/** Half of the longest list: what a search through one takes. */
function searchOf({ fields }: KeyRoutine): number {
  const sizes = fields.map(({ entry }) => (entry.kind === 'turn' ? entry.choices.length : 0));
  return Math.max(1, Math.ceil(Math.max(2, ...sizes) / 2));
}

interface Sorted {
  todo: Todo[];
  leftOut: number;
  skipped: KeyingSheet['skipped'];
}

/** What must be entered, what is there already, and what cannot be. */
function sort(routine: KeyRoutine, planned: readonly Kept[], held: readonly Kept[] | null): Sorted {
  const { stores, first, last } = routine;
  const there = new Map(held?.map((kept) => [kept.number, enteredOf(routine, kept.values)]) ?? []);
  const sorted: Sorted = { todo: [], leftOut: 0, skipped: [] };
  const skip = (kept: Kept, reason: string) =>
    sorted.skipped.push({ stores, number: kept.number, name: kept.name, reason });
  for (const kept of planned) {
    const values = enteredOf(routine, kept.values);
    if ('reason' in values) skip(kept, values.reason);
    else if (kept.number > last) skip(kept, `its number would be ${kept.number}, and the last is ${last}`);
    else if (isThere(there.get(kept.number), values)) sorted.leftOut += 1;
    else sorted.todo.push({ kept, does: there.has(kept.number) ? 'changed' : 'new', values });
  }
  const kept = new Set(planned.map(({ number }) => number));
  for (const gone of held ?? []) {
    if (kept.has(gone.number) || gone.number < first) continue;
    if (routine.erases.length > 0) sorted.todo.push({ kept: gone, does: 'emptied', values: new Map() });
    else skip(gone, `it stays in memory ${gone.number}: no keys are known that empty one`);
  }
  return sorted;
}

const isThere = (there: ReturnType<typeof enteredOf> | undefined, wanted: ReadonlyMap<string, string>): boolean =>
  there instanceof Map && [...wanted].every(([sets, value]) => there.get(sets) === value);

/** A value that its entry can have, whichever: what the radio is set to before the first press makes no difference. */
function anyValue({ entry }: KeyField): string {
  if (entry.kind === 'turn') return entry.choices[0]!.value;
  return entry.kind !== 'digits' ? '' : '0'.repeat(entry.before + entry.behind);
}

/** A pad on which a sheet can be played: what the radio holds, and anything on its dial. */
export function padFor(keying: Keying, held: readonly Kept[] | null, titleOf?: TitleOf): Pad {
  const state: PadState = { dials: {}, memories: {}, last: {} };
  for (const routine of keying.routines) {
    state.dials[routine.stores] = Object.fromEntries(routine.fields.map((field) => [field.sets, anyValue(field)]));
    const mine = held?.filter(({ stores }) => stores === routine.stores) ?? [];
    state.memories[routine.stores] = new Map(
      mine.map(({ number, values }) => {
        const entered = enteredOf(routine, values);
        return [number, 'reason' in entered ? {} : Object.fromEntries(entered as Map<string, string>)];
      }),
    );
  }
  return new Pad(keying, state, titleOf);
}

/** No list is longer. */
const MOST_TURNS = 600;

/**
 * Plays presses. @returns what the display shows after each
 * @throws PadFault where the pad does not do what a press says
 */
export function play(pad: Pad, presses: readonly Press[]): ShownPress[] {
  return presses.map((one) => {
    if (one.until === null) for (let time = 0; time < one.times; time += 1) pad.press(one.key);
    else {
      let tried = 0;
      while (pad.mark !== one.until) {
        if ((tried += 1) > MOST_TURNS) throw new PadFault(`${one.key} never brings ${one.until}.`);
        pad.press(one.key);
      }
    }
    return { ...one, shows: pad.display };
  });
}

/** The entries of one routine, in the best order. */
function entriesOf(
  routine: KeyRoutine,
  { todo }: Sorted,
  held: readonly Kept[] | null,
  skipped: KeyingSheet['skipped'],
) {
  const start: Known = { dial: new Map(), taken: held && new Set(held.map(({ number }) => number)), last: null };
  const skip = ({ kept: { number, name } }: Todo, reason: string) =>
    skipped.push({ stores: routine.stores, number, name, reason });
  // Where no number can be chosen, what is possible hangs on the order.
  const possible = todo.filter((one) => {
    const steps = stepsOf(routine, copyOf(start), one);
    if (typeof steps !== 'string' || routine.write.ends.length === 0) return true;
    skip(one, steps);
    return false;
  });
  const search = searchOf(routine);
  const cost = (known: Known, one: Todo): number => {
    const steps = stepsOf(routine, known, one);
    return typeof steps === 'string'
      ? Infinity
      : steps.reduce((sum, { presses }) => sum + pressCount(presses, search), 0);
  };
  const { order, given } = bestOrder(possible, start, copyOf, cost);
  const known = copyOf(start);
  const entries: { todo: Todo; steps: BareStep[] }[] = [];
  for (const one of order) {
    const steps = stepsOf(routine, known, one);
    if (typeof steps === 'string') skip(one, steps);
    else entries.push({ todo: one, steps });
  }
  const all = entries.flatMap(({ steps }) => steps.flatMap((step) => step.presses));
  const presses = pressCount(all, search);
  // In an order in which not all can be entered there is nothing to compare with.
  return { entries, presses, given: Number.isFinite(given) ? given : presses };
}

/**
 * @param planned what the radio is to hold
 * @param held what it holds; `null`: nobody knows, so that every number is chosen
 * @throws PadFault where the description of its keys contradicts itself
 */
export function keyingSheet(keying: Keying, planned: readonly Kept[], held: readonly Kept[] | null): KeyingSheet {
  const sheet: KeyingSheet = {
    before: keying.before,
    entries: [],
    presses: 0,
    inOrder: 0,
    leftOut: 0,
    skipped: [],
    notByKeys: notByKeys(keying, planned),
  };
  const pad = padFor(keying, held);
  for (const routine of keying.routines) {
    const mine = (all: readonly Kept[]) => all.filter(({ stores }) => stores === routine.stores);
    const there = held && mine(held);
    const sorted = sort(routine, mine(planned), there);
    sheet.leftOut += sorted.leftOut;
    sheet.skipped.push(...sorted.skipped);
    const { entries, presses, given } = entriesOf(routine, sorted, there, sheet.skipped);
    if (entries.length === 0) continue;
    const around = routine.opens.length + routine.closes.length;
    sheet.presses += presses + around;
    sheet.inOrder += given + around;
    const bare = (sets: string, keys: readonly string[]): BareStep[] =>
      keys.length === 0
        ? []
        : [{ sets, value: '', presses: joined(keys.map((key) => ({ key, times: 1, until: null }))), trap: '' }];
    entries.forEach(({ todo, steps }, at) => {
      const all = [
        ...(at === 0 ? bare('open', routine.opens) : []),
        ...steps,
        ...(at === entries.length - 1 ? bare('close', routine.closes) : []),
      ];
      const { number, name } = todo.kept;
      const shown = all.map((step) => ({ ...step, presses: play(pad, step.presses) }));
      sheet.entries.push({ stores: routine.stores, number, name, does: todo.does, steps: shown });
    });
  }
  prove(keying, pad, planned, sheet);
  return sheet;
}

/** What parts of a field are keyed in place of it. */
const STAND_FOR: Readonly<Record<string, readonly string[]>> = {
  shift: ['tx', 'shift.sign', 'shift.size'],
  mode: ['mode.opens'],
  receive: ['mode.opens'],
};

/** Fields of channels that some have and no key sets: whoever keys them in must know. */
function notByKeys(keying: Keying, planned: readonly Kept[]): string[] {
  const channel = keying.routines.find(({ stores }) => stores === 'channel');
  if (!channel) return [];
  const keyed = new Set(channel.fields.map(({ sets }) => sets));
  const isKeyed = (id: string) =>
    keyed.has(id) || keyed.has(`${id}.kind`) || STAND_FOR[id]?.some((other) => keyed.has(other)) === true;
  const all = planned.filter(({ stores }) => stores === 'channel').flatMap(({ values }) => Object.keys(values));
  return [...new Set(all)].filter((id) => !id.includes('.') && id !== 'tx' && !isKeyed(id));
}

/** The pad must hold what is planned, but for what was skipped. */
function prove(keying: Keying, pad: Pad, planned: readonly Kept[], { skipped }: KeyingSheet): void {
  const isSkipped = (kept: Kept) =>
    skipped.some(({ stores, number }) => stores === kept.stores && number === kept.number);
  for (const routine of keying.routines)
    for (const kept of planned) {
      if (kept.stores !== routine.stores || isSkipped(kept)) continue;
      const wanted = enteredOf(routine, kept.values) as ReadonlyMap<string, string>;
      const memory = pad.state.memories[routine.stores]?.get(kept.number);
      const wrong = [...wanted].find(([sets, value]) => memory?.[sets] !== value);
      if (!memory || wrong)
        throw new PadFault(`Memory ${kept.number} would not hold ${kept.name}${wrong ? `: ${wrong[0]}` : ''}.`);
    }
}
