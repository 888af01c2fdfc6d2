/** A thread that reads lists, one at a time, asked for chunk after chunk. */
import { ListTooLarge } from '@relay/core/tables/limits';
import type { ColumnField } from '@relay/core/lists/types';
import { serveThread } from '../threads/serve';
import { ListReading, type ReadHead } from './reading';

let reading: ListReading | null = null;

interface Begin {
  bytes: Uint8Array;
  fields: readonly ColumnField[] | null;
  recipes: Readonly<Record<string, readonly ColumnField[]>>;
  isLook: boolean;
}

/** What a list may not be: what was found, and what is allowed. */
export type Refused = { place: string; found: string; expected: string };

const operations = {
  begin({ bytes, fields, recipes, isLook }: Begin): ReadHead | { refused: Refused } {
    try {
      const recipe = (signature: string) => (Object.hasOwn(recipes, signature) ? recipes[signature]! : null);
      reading = new ListReading(bytes, (signature) => fields ?? recipe(signature), isLook);
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
  takeBefore: (before: string) => reading!.takeBefore(before),
  someSites: () => reading!.someSites(),
  difference: () => reading!.difference(),
  over: () => void (reading = null),
};

export type ReadingOperations = typeof operations;

serveThread(operations);
