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
}

type State = 'fresh' | 'doubtful' | 'spoiled';

class Value {
  /** `doubtful`: something that it read was spoiled, and may come out the same. */
  state: State = 'spoiled';
  wasComputed = false;
  value: unknown;
  readonly parts = new Set<Part>();
  readonly sources = new Set<Value>();
  readonly readers = new Set<Value>();
  constructor(
    readonly compute: () => unknown,
    readonly isSame: (a: unknown, b: unknown) => boolean,
    readonly forget: () => void,
  ) {}
}

/** What makes a value: whoever asks under the same function and key gets the same value. */
export type Make = (...words: never[]) => unknown;

export class Memo {
  private readonly values = new Map<Make, Map<string, Value>>();
  private reader: Value | null = null;

  /** How many values are kept. */
  get size(): number {
    return [...this.values.values()].reduce((sum, one) => sum + one.size, 0);
  }

  /** Whoever is being computed reads this part. */
  read(part: Part): void {
    const { reader } = this;
    if (!reader || reader.parts.has(part)) return;
    reader.parts.add(part);
    part.readers.add(reader);
  }

  /** Whether whoever is being computed is known to read this part. */
  isRead(part: Part): boolean {
    return this.reader === null || this.reader.parts.has(part);
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
    let known = this.values.get(make);
    if (!known) this.values.set(make, (known = new Map()));
    let value = known.get(key);
    if (!value) known.set(key, (value = new Value(compute, isSame, () => known.delete(key))));
    this.refresh(value);
    const { reader } = this;
    if (reader && !reader.sources.has(value)) {
      reader.sources.add(value);
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
    const before = new Set(value.sources);
    for (const part of value.parts) part.readers.delete(value);
    for (const source of value.sources) source.readers.delete(value);
    value.parts.clear();
    value.sources.clear();
    const outer = this.reader;
    try {
      this.reader = value;
      const found = value.compute();
      // To compare is not to read on anybody's behalf.
      this.reader = null;
      if (!value.wasComputed || !value.isSame(found, value.value)) {
        value.value = found;
        for (const reader of value.readers) this.spoil(reader, 'spoiled');
      }
    } finally {
      this.reader = outer;
    }
    value.wasComputed = true;
    value.state = 'fresh';
    // What only this one read, and reads no more, is let go.
    for (const source of before) if (source.readers.size === 0) this.letGo(source);
  }

  private letGo(value: Value): void {
    for (const part of value.parts) part.readers.delete(value);
    for (const source of value.sources) source.readers.delete(value);
    value.forget();
  }
}
