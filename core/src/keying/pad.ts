/**
 * A key pad that does what a description of its keys says, press by press: it knows nothing of sheets, so that it can
 * prove one.
 */
import type { KeyEntry, KeyField, Keying, KeyRoutine, Keys } from '../plan/keying';
import { BLANK, lettersOf, shownAs } from './entry';
import { offeredNumber } from './offer';
import type { TitleOf } from './values';

/** What a routine is set to, by what sets it, as its entries keep it. */
type Dial = Record<string, string>;

export interface PadState {
  /** By what a routine stores. */
  dials: Record<string, Dial>;
  memories: Record<string, Map<number, Dial>>;
  /** Numbers of the memories that were written last. */
  last: Record<string, number>;
}

/** What the pad would not do, said in full. */
export class PadFault extends Error {}

type Doing =
  | { is: 'rest'; keys: Keys }
  | { is: 'entry'; field: KeyField; entered: string; place: number; tapped: string; ending: Keys }
  | { is: 'write'; number: number; typed: string; ending: Keys };

const isDigit = (key: string): boolean => /^\d$/.test(key);
const startsWith = (keys: Keys, beginning: Keys): boolean => beginning.every((key, at) => keys[at] === key);
const isSame = (one: Keys, other: Keys): boolean => one.length === other.length && startsWith(one, other);

export class Pad {
  readonly state: PadState;
  private readonly base: KeyRoutine;
  private routine: KeyRoutine;
  private doing: Doing = { is: 'rest', keys: [] };
  /** What stands on the display. */
  display = '';

  /**
   * @param titleOf what settings are called in faults
   * @throws PadFault where no routine is there without keys that open it
   */
  constructor(
    private readonly keying: Keying,
    state: PadState,
    private readonly titleOf: TitleOf = (_, sets) => sets,
  ) {
    this.state = state;
    const base = keying.routines.find(({ opens }) => opens.length === 0);
    if (!base) throw new PadFault('No routine is at rest: one needs no keys that open it.');
    this.base = this.routine = base;
  }

  /** What an entry that steps through a list stands at: a choice as it is shown, a letter. */
  get mark(): string {
    const { doing } = this;
    if (doing.is === 'write') return String(doing.number);
    if (doing.is !== 'entry') return this.display;
    const { entry } = doing.field;
    return isText(entry) ? (doing.entered[doing.place] ?? BLANK) : shownAs(entry, doing.entered);
  }

  /** @throws PadFault for a key that means nothing now */
  press(key: string): void {
    const { doing } = this;
    if (doing.is === 'rest') this.pressAtRest(key, doing.keys);
    else if (doing.is === 'entry') this.pressInEntry(key, doing);
    else this.pressInWrite(key, doing);
  }

  /** Nothing is pressed for so many seconds. */
  wait(seconds: number): void {
    const { timeOutS } = this.routine.write;
    if (this.doing.is === 'write' && timeOutS !== null && seconds >= timeOutS) this.rest('');
  }

  private get dial(): Dial {
    return (this.state.dials[this.routine.stores] ??= {});
  }

  private get memories(): Map<number, Dial> {
    return (this.state.memories[this.routine.stores] ??= new Map<number, Dial>());
  }

  private title(sets: string): string {
    return this.titleOf(this.routine.stores, sets);
  }

  private rest(display: string): void {
    this.doing = { is: 'rest', keys: [] };
    this.display = display;
  }

  private pressAtRest(key: string, before: Keys): void {
    const keys = [...before, key];
    const { fields, write, closes } = this.routine;
    const field = fields.find(({ begins }) => begins.length > 0 && isSame(begins, keys));
    if (field) return this.open(field);
    if (isSame(write.begins, keys)) return this.openWrite();
    if (closes.length > 0 && isSame(closes, keys)) {
      this.routine = this.base;
      return this.rest('');
    }
    const other =
      this.routine === this.base && this.keying.routines.find(({ opens }) => opens.length > 0 && isSame(opens, keys));
    if (other) {
      this.routine = other;
      return this.rest('');
    }
    const direct = before.length === 0 && fields.find(({ begins, entry }) => begins.length === 0 && takes(entry, key));
    if (direct) {
      this.open(direct);
      return this.press(key);
    }
    const ways = [...fields.map(({ begins }) => begins), write.begins, closes];
    if (this.routine === this.base) ways.push(...this.keying.routines.map(({ opens }) => opens));
    if (!ways.some((way) => way.length > keys.length && startsWith(way, keys)))
      throw new PadFault(`${keys.join(' ')} does nothing here.`);
    this.doing = { is: 'rest', keys };
    this.display = keys.join(' ');
  }

  private open(field: KeyField): void {
    const { when, entry } = field;
    if (when && !when.is.includes(this.dial[when.sets] ?? ''))
      throw new PadFault(
        `${this.title(field.sets)} is hidden while ${this.title(when.sets)} is ${this.dial[when.sets] ?? 'not set'}.`,
      );
    const now = this.dial[field.sets] ?? '';
    const entered = entry.kind === 'digits' ? '' : isText(entry) ? now.padEnd(entry.places, BLANK) : now;
    this.doing = { is: 'entry', field, entered, place: 0, tapped: '', ending: [] };
    this.display = shownAs(entry, now);
  }

  private pressInEntry(key: string, doing: Extract<Doing, { is: 'entry' }>): void {
    const { field, ending } = doing;
    if (ending.length === 0 && takes(field.entry, key)) return this.enter(key, doing);
    if (field.ends.length === 0) {
      this.rest(this.display);
      return this.press(key);
    }
    if (field.ends[ending.length] !== key)
      throw new PadFault(`${key} does nothing while ${this.title(field.sets)} is entered.`);
    doing.ending = [...ending, key];
    if (doing.ending.length === field.ends.length) this.set(doing);
  }

  private enter(key: string, doing: Extract<Doing, { is: 'entry' }>): void {
    const { field } = doing;
    const { entry } = field;
    if (entry.kind === 'digits') {
      const places = entry.before + entry.behind;
      if (doing.entered.length === places) throw new PadFault(`${this.title(field.sets)} takes ${places} digits.`);
      doing.entered += key;
      this.display = doing.entered;
      if (field.ends.length === 0 && doing.entered.length === places) this.set(doing);
    } else if (entry.kind === 'turn') {
      doing.entered = this.turned(entry, key, doing.entered);
      this.display = shownAs(entry, doing.entered);
      if (field.ends.length === 0) this.dial[field.sets] = doing.entered;
    } else {
      if (key === entry.forward) {
        doing.place = Math.min(doing.place + 1, entry.places - 1);
        doing.tapped = '';
      } else {
        const letter = nextLetter(entry, key, doing.entered[doing.place]!, doing.tapped);
        doing.entered = doing.entered.slice(0, doing.place) + letter + doing.entered.slice(doing.place + 1);
        doing.tapped = key;
      }
      this.display = doing.entered.trimEnd();
    }
  }

  private turned(entry: Extract<KeyEntry, { kind: 'turn' }>, key: string, from: string): string {
    const { choices, wraps } = entry;
    const at = choices.findIndex(({ value }) => value === from) + (key === entry.next ? 1 : -1);
    const to = wraps ? (at + choices.length) % choices.length : Math.min(Math.max(at, 0), choices.length - 1);
    return choices[to]!.value;
  }

  private set({ field, entered }: Extract<Doing, { is: 'entry' }>): void {
    const { entry } = field;
    if (entry.kind === 'digits' && entered.length < entry.before + entry.behind)
      throw new PadFault(`${this.title(field.sets)} is ended after ${entered.length} digits.`);
    const value = isText(entry) ? entered.trimEnd() : entered;
    this.dial[field.sets] = value;
    this.rest(field.shows === '' ? shownAs(entry, value) : field.shows.replace('{value}', shownAs(entry, value)));
  }

  private openWrite(): void {
    const { routine } = this;
    const number = offeredNumber(routine, new Set(this.memories.keys()), this.state.last[routine.stores] ?? null);
    this.doing = { is: 'write', number, typed: '', ending: [] };
    this.display = String(number);
    if (routine.write.ends.length === 0) this.store(number);
  }

  private store(number: number): void {
    this.memories.set(number, { ...this.dial });
    this.state.last[this.routine.stores] = number;
    this.rest(`${number} written`);
  }

  private pressInWrite(key: string, doing: Extract<Doing, { is: 'write' }>): void {
    const { first, last, write, erases } = this.routine;
    const { entry, ends } = write;
    if (doing.ending.length === 0 && entry.kind === 'digits' && isDigit(key)) {
      doing.typed += key;
      if (doing.typed.length > entry.places) throw new PadFault(`A number has ${entry.places} digits.`);
      doing.number = Number(doing.typed);
    } else if (doing.ending.length === 0 && entry.kind === 'turn' && (key === entry.next || key === entry.previous)) {
      const to = doing.number + (key === entry.next ? 1 : -1);
      doing.number = to > last ? first : to < first ? last : to;
    } else return this.endWrite(key, doing, [ends, erases]);
    this.display = String(doing.number);
  }

  private endWrite(key: string, doing: Extract<Doing, { is: 'write' }>, [ends, erases]: [Keys, Keys]): void {
    const { first, last, write } = this.routine;
    const { number, typed } = doing;
    const ending = [...doing.ending, key];
    const ways = [ends, erases].filter((way) => way.length > 0);
    if (!ways.some((way) => startsWith(way, ending)))
      throw new PadFault(`${key} does nothing while a memory is written.`);
    doing.ending = ending;
    if (write.entry.kind === 'digits' && typed !== '' && typed.length < write.entry.places)
      throw new PadFault(`Found ${typed}, expected a number of ${write.entry.places} digits.`);
    if (number < first || number > last) throw new PadFault(`Found memory ${number}, expected ${first} to ${last}.`);
    if (isSame(ends, ending)) this.store(number);
    else if (isSame(erases, ending)) {
      this.memories.delete(number);
      this.rest(`${number} empty`);
    }
  }
}

type TextEntry = Extract<KeyEntry, { kind: 'letters' | 'taps' }>;
const isText = (entry: KeyEntry): entry is TextEntry => entry.kind === 'letters' || entry.kind === 'taps';

/** The letter behind a press. `tapped`: the key that was pressed last at this place. */
function nextLetter(entry: TextEntry, key: string, now: string, tapped: string): string {
  if (entry.kind === 'taps') {
    const { letters } = entry.keys.find((one) => one.key === key)!;
    return letters[tapped === key ? (letters.indexOf(now) + 1) % letters.length : 0]!;
  }
  const letters = lettersOf(entry);
  return letters[(letters.indexOf(now) + (key === entry.next ? 1 : letters.length - 1)) % letters.length]!;
}

/** Whether a key is part of a way of entering. */
function takes(entry: KeyEntry, key: string): boolean {
  if (entry.kind === 'digits') return isDigit(key);
  if (entry.kind === 'taps') return key === entry.forward || entry.keys.some((one) => one.key === key);
  return key === entry.next || key === entry.previous || (entry.kind === 'letters' && key === entry.forward);
}
