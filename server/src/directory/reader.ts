/** The main thread's hand on a list that is being read elsewhere. */
import type { ListDifference } from '@relay/core/lists/corrections';
import type { ColumnField } from '@relay/core/lists/types';
import { InvalidRequest } from '../errors';
import { Thread } from '../threads/thread';
import type { ReadChunk, ReadEnd, ReadHead } from './reading';
import type { ReadingOperations } from './read-worker';

export interface ReadRequest {
  bytes: Uint8Array;
  /** What the user takes the columns for; `null` leaves it to recipes and guessing. */
  fields: readonly ColumnField[] | null;
  /** Columns that were chosen before, by the signature of the list. */
  recipes: Readonly<Record<string, readonly ColumnField[]>>;
}

export interface ListReader {
  /** @throws InvalidRequest for a list that holds more than is read */
  head(): Promise<ReadHead>;
  next(): Promise<ReadChunk | null>;
  /** Reads what is left, for its counts alone. */
  rest(): Promise<void>;
  end(): Promise<ReadEnd>;
  /** Against the sites that are there, as JSON. */
  difference(before: string): Promise<ListDifference>;
  /** Ends the thread, whatever it is doing. */
  close(): Promise<void>;
}

/** A list of half a million rows is read within these. */
const LIMIT_MS = 60_000;
const LIMITS = { maxOldGenerationSizeMb: 400 };

export function readList(request: ReadRequest): ListReader {
  const thread = new Thread<ReadingOperations>({ bundle: 'read-worker', data: request, limits: LIMITS, isOnce: true });
  return {
    async head() {
      const head = await thread.call('head', undefined as never, LIMIT_MS);
      if (!('refused' in head)) return head;
      const { place, found, expected } = head.refused;
      throw new InvalidRequest([{ pointer: '', found: `${place}: ${found}`, expected }]);
    },
    next: () => thread.call('next', undefined as never, LIMIT_MS),
    rest: () => thread.call('rest', undefined as never, LIMIT_MS),
    end: () => thread.call('end', undefined as never, LIMIT_MS),
    difference: (before) => thread.call('difference', before as never, LIMIT_MS),
    close: () => thread.close(),
  };
}
