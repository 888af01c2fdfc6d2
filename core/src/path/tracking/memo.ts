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
  /** What it read when it was computed last, each once; sources in their order. */
  readonly parts = new Map<Part, number>();
  sources: Value[] = [];
  /** In which computation a source was read last. A reader stays one as long as the next computation reads it again. */
  readonly readIn = new Map<Value, number>();
  computation = 0;
  partsRead = 0;
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
    if (!reader) return;
    const readIn = reader.parts.get(part);
    if (readIn === reader.computation) return;
    reader.parts.set(part, reader.computation);
    reader.partsRead += 1;
    if (readIn === undefined) part.readers.add(reader);
  }

  /** Whether whoever is being computed is known to read this part. */
  isRead(part: Part): boolean {
    return this.reader === null || this.reader.parts.get(part) === this.reader.computation;
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
    if (reader) {
      const readIn = reader.readIn.get(value);
      if (readIn !== reader.computation) {
        reader.readIn.set(value, reader.computation);
        reader.sources.push(value);
        if (readIn === undefined) value.readers.add(reader);
      }
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
    const before = value.sources;
    value.sources = [];
    value.computation += 1;
    value.partsRead = 0;
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
      if (!isDone) for (const source of before) if (!value.sources.includes(source)) value.sources.push(source);
    }
    value.wasComputed = true;
    value.state = 'fresh';
    this.forgetUnread(value, before);
  }

  /** What only this one read, and reads no more, is let go. */
  private forgetUnread(value: Value, before: readonly Value[]): void {
    const { computation, parts, readIn } = value;
    for (const source of before) {
      if (readIn.get(source) === computation) continue;
      readIn.delete(source);
      source.readers.delete(value);
      if (source.readers.size === 0) this.letGo(source);
    }
    if (parts.size === value.partsRead) return;
    for (const [part, read] of parts)
      if (read !== computation) {
        parts.delete(part);
        part.readers.delete(value);
      }
  }

  private letGo(value: Value): void {
    for (const part of value.parts.keys()) part.readers.delete(value);
    for (const source of value.sources) source.readers.delete(value);
    value.forget();
  }
}
