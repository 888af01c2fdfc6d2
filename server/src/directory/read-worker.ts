/** The thread that reads lists: one list a thread, asked for chunk after chunk. */
import { workerData } from 'node:worker_threads';
import { ListTooLarge } from '@relay/core/lists/limits';
import type { ColumnField } from '@relay/core/lists/types';
import { serveThread } from '../threads/serve';
import { ListReading, type ReadHead } from './reading';

const { bytes, fields, recipes } = workerData as {
  bytes: Uint8Array;
  fields: ColumnField[] | null;
  recipes: Record<string, ColumnField[]>;
};
let reading: ListReading | null = null;

/** What a list may not be: what was found, and what is allowed. */
export type Refused = { place: string; found: string; expected: string };

const operations = {
  head(): ReadHead | { refused: Refused } {
    try {
      reading ??= new ListReading(bytes, (signature) => fields ?? recipes[signature] ?? null);
      return reading.head;
    } catch (error) {
      if (!(error instanceof ListTooLarge)) throw error;
      const { place, found, expected } = error;
      return { refused: { place, found, expected } };
    }
  },
  next: () => reading!.next(),
  rest: () => reading!.rest(),
  end: () => reading!.end(),
  difference: (before: string) => reading!.difference(before),
};

export type ReadingOperations = typeof operations;

serveThread(operations);
