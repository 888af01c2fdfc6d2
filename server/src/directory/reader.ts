/** The main thread's hand on a list that is being read elsewhere. */
import type { ListDifference } from '@relay/core/lists/corrections';
import type { ColumnField } from '@relay/core/lists/types';
import { InvalidRequest, Overloaded } from '../errors';
import { type Argument, type Result, Thread } from '../threads/thread';
import type { SiteName } from './filed-sites';
import type { ReadChunk, ReadEnd, ReadHead } from './reading';
import type { ReadingOperations } from './read-worker';

export interface ReadRequest {
  /** Handed over: they cannot be read by whoever asks any more. */
  bytes: Uint8Array;
  /** What the user takes the columns for; `null` leaves it to recipes and guessing. */
  fields: readonly ColumnField[] | null;
  /** Columns that were chosen before, by the signature of the list. */
  recipes: Readonly<Record<string, readonly ColumnField[]>>;
  /** Whether it is only looked at, and then held against the list that is there. */
  isLook?: boolean;
}

export interface ListReader {
  /** @throws InvalidRequest for a list that holds more than is read */
  head(): Promise<ReadHead>;
  next(): Promise<ReadChunk | null>;
  /** Reads what is left, for its counts alone. */
  rest(): Promise<void>;
  end(): Promise<ReadEnd>;
  /** Some of its sites, from all of it. */
  someSites(): Promise<SiteName[]>;
  /** Takes some of the sites that are there, as JSON. */
  takeBefore(before: string): Promise<void>;
  /** Against all that were taken. */
  difference(): Promise<ListDifference>;
  /** Ends the thread, whatever it is doing. */
  close(): Promise<void>;
}

/** A list of half a million rows is read within these. */
const LIMIT_MS = 60_000;
const LIMITS = { maxOldGenerationSizeMb: 320, maxYoungGenerationSizeMb: 32 };

const tooMuch = () =>
  new InvalidRequest([
    {
      pointer: '',
      found: 'a list that needs more memory than one may take',
      expected: 'fewer rows or columns; it can be imported in parts',
    },
  ]);

/** Threads that have read a short list and wait for the next; one that has read a long one gives its memory back. */
const idle: Thread<ReadingOperations>[] = [];
const MOST_IDLE = 2;
const SHORT_BYTES = 1_000_000;

export function readList({ bytes, fields, recipes, isLook = false }: ReadRequest): ListReader {
  const isShort = bytes.length <= SHORT_BYTES;
  const thread = idle.pop() ?? new Thread<ReadingOperations>({ bundle: 'read-worker', limits: LIMITS });
  let open = true;
  let calls = 0;
  async function ask<K extends keyof ReadingOperations & string>(
    operation: K,
    argument: Argument<ReadingOperations, K>,
    handedOver: readonly ArrayBuffer[] = [],
  ): Promise<Result<ReadingOperations, K>> {
    if (!open) throw new Overloaded('ended');
    calls += 1;
    const answer = await thread.call(operation, argument, LIMIT_MS, handedOver).catch((error: unknown) => {
      throw error instanceof Overloaded && /memory/.test(error.message) ? tooMuch() : error;
    });
    calls -= 1;
    return answer;
  }
  const owned = bytes.buffer instanceof ArrayBuffer ? [bytes.buffer] : [];
  const begun = ask('begin', { bytes, fields, recipes, isLook }, owned);
  // Whoever asks for the head is told; when nobody does, nobody minds.
  begun.catch(() => undefined);
  const nothing = undefined as never;
  return {
    async head() {
      const head = await begun;
      if (!('refused' in head)) return head;
      const { place, found, expected } = head.refused;
      throw new InvalidRequest([{ pointer: '', found: `${place}: ${found}`, expected }]);
    },
    next: () => ask('next', nothing),
    rest: () => ask('rest', nothing),
    end: () => ask('end', nothing),
    someSites: () => ask('someSites', nothing),
    takeBefore: (before) => ask('takeBefore', before),
    difference: () => ask('difference', nothing),
    async close() {
      if (!open) return;
      // Nothing is under way, and nothing went wrong: it can read another.
      if (isShort && calls === 0 && idle.length < MOST_IDLE) {
        await ask('over', nothing);
        open = false;
        idle.push(thread);
        return;
      }
      open = false;
      await thread.close();
    },
  };
}
