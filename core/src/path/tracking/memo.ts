/**
 * Values that are computed from parts of a plan and from each other, each computed again only when something that it
 * read is another than before: the memo knows who reads what.
 *
 *   part changed ──▶ its readers are spoiled ──▶ asked again; what has the same sources as before is kept
 */
import { same } from './same';

/** A part of what is read from: one row of a table, one block. */
export class Part {
  readonly readers = new Set<Value>();
  /** The computation that read it last. */
  readIn = 0;
}

type State = 'fresh' | 'doubtful' | 'spoiled';

class Value {
  /** `doubtful`: something that it read was spoiled, and may come out the same. */
  state: State = 'spoiled';
  wasComputed = false;
  value: unknown;
  /** What it read when it was computed last, in that order. */
  parts: Part[] = [];
  sources: Value[] = [];
  /** Its own computation, by a number that no other has. */
  computation = 0;
  readonly readers = new Set<Value>();
  /** The computation that read it last. */
  readIn = 0;
  constructor(
    readonly compute: () => unknown,
    readonly isSame: (a: unknown, b: unknown) => boolean,
    readonly forget: () => void,
  ) {}
}

/** What makes a value: whoever asks under the same function and key gets the same value. */
export type Make = (...words: never[]) => unknown;

/** Reads on behalf of what may read nothing. */
const NOBODY = new Value(
  () => undefined,
  () => true,
  () => undefined,
);
// No part has been read in it, not even one that nobody has read.
NOBODY.computation = -1;

const refuseNobody = (reader: Value | null): void => {
  if (reader === NOBODY) throw new Error('What is told of a path alone has read the plan.');
};

/** Those that have not the mark yet, which all have afterwards; the list itself where that is all of it. */
function marked<T extends { readIn: number }>(list: T[], mark: number): T[] {
  let others: T[] | null = null;
  list.forEach((one, at) => {
    if (one.readIn === mark) others ??= list.slice(0, at);
    else {
      one.readIn = mark;
      others?.push(one);
    }
  });
  return others ?? list;
}

export class Memo {
  private readonly values = new Map<Make, Map<string, Value>>();
  private reader: Value | null = null;
  private computations = 0;

  /** How many values are kept. */
  get size(): number {
    return [...this.values.values()].reduce((sum, one) => sum + one.size, 0);
  }

  /** Whoever is being computed reads this part. */
  read(part: Part): void {
    const { reader } = this;
    if (!reader || part.readIn === reader.computation) return;
    refuseNobody(reader);
    part.readIn = reader.computation;
    reader.parts.push(part);
    part.readers.add(reader);
  }

  /** Whether whoever is being computed is known to read this part; it may be said not to where it does. */
  isRead(part: Part): boolean {
    return this.reader === null || part.readIn === this.reader.computation;
  }

  /** Does what looks at nothing that may change. @throws Error where it does */
  alone<T>(act: () => T): T {
    const outer = this.reader;
    this.reader = NOBODY;
    try {
      return act();
    } finally {
      this.reader = outer;
    }
  }

  changed(part: Part): void {
    for (const reader of part.readers) this.spoil(reader, 'spoiled');
  }

  private spoil(value: Value, to: 'doubtful' | 'spoiled'): void {
    if (value.state === 'spoiled' || value.state === to) return;
    const wasFresh = value.state === 'fresh';
    value.state = to;
    if (wasFresh) for (const reader of value.readers) this.spoil(reader, 'doubtful');
  }

  /**
   * The value that `make` has for a key; `compute` makes it, and is kept to make it again.
   * @param isSame whether a value that was computed again is as good as the one before, so that no reader need look
   * again
   */
  get<T>(make: Make, key: string, compute: () => T, isSame: (a: unknown, b: unknown) => boolean = same): T {
    const { reader } = this;
    refuseNobody(reader);
    let known = this.values.get(make);
    if (!known) this.values.set(make, (known = new Map()));
    let value = known.get(key);
    if (!value) known.set(key, (value = new Value(compute, isSame, () => known.delete(key))));
    this.refresh(value);
    if (reader && value.readIn !== reader.computation) {
      value.readIn = reader.computation;
      reader.sources.push(value);
      value.readers.add(reader);
    }
    return value.value as T;
  }

  private refresh(value: Value): void {
    if (value.state === 'doubtful') {
      // In the order in which they were read: a later one may hang on an earlier one.
      for (const source of value.sources) {
        this.refresh(source);
        if ((value.state as State) === 'spoiled') break;
      }
      if (value.state === 'doubtful') value.state = 'fresh';
    }
    if (value.state === 'spoiled') this.compute(value);
  }

  private compute(value: Value): void {
    const before = { parts: value.parts, sources: value.sources };
    value.parts = [];
    value.sources = [];
    value.computation = this.computations += 1;
    const outer = this.reader;
    let isDone = false;
    try {
      this.reader = value;
      const found = value.compute();
      // To compare is not to read on anybody's behalf.
      this.reader = null;
      if (!value.wasComputed || !value.isSame(found, value.value)) {
        value.value = found;
        for (const reader of value.readers) this.spoil(reader, 'spoiled');
      }
      isDone = true;
    } finally {
      this.reader = outer;
      // What was read before and would have been read further on is not given up yet.
      if (!isDone) {
        value.parts.push(...before.parts);
        value.sources.push(...before.sources);
      }
    }
    value.wasComputed = true;
    value.state = 'fresh';
    this.forgetUnread(value, before);
  }

  /**
   * What is read now, each once: who was read by another computation in between is noted twice. What was read before and
   * is not read any more loses its reader; what only this one read is let go.
   */
  private forgetUnread(value: Value, before: { parts: Part[]; sources: Value[] }): void {
    const mark = (this.computations += 1);
    value.parts = marked(value.parts, mark);
    value.sources = marked(value.sources, mark);
    for (const part of marked(before.parts, mark)) part.readers.delete(value);
    for (const source of marked(before.sources, mark)) {
      source.readers.delete(value);
      if (source.readers.size === 0) this.letGo(source);
    }
  }

  private letGo(value: Value): void {
    for (const part of value.parts) part.readers.delete(value);
    for (const source of value.sources) source.readers.delete(value);
    value.forget();
  }
}
