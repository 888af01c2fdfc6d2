/** The main thread's hand on a list that is being read elsewhere. */
import { Worker } from 'node:worker_threads';
import type { ColumnField } from '@relay/core/lists/types';
import type { ReadChunk, ReadEnd, ReadHead } from './reading';

export interface ReadRequest {
  bytes: Uint8Array;
  /** What the user takes the columns for; `null` leaves it to recipes and guessing. */
  fields: readonly ColumnField[] | null;
  /** Columns that were chosen before, by the signature of the list. */
  recipes: Readonly<Record<string, readonly ColumnField[]>>;
}

export interface ListReader {
  head(): Promise<ReadHead>;
  next(): Promise<ReadChunk | null>;
  end(): Promise<ReadEnd>;
  /** Ends the thread, whatever it is doing. */
  close(): Promise<void>;
}

/** The thread is a bundle of its own: beside the server's; from the sources (in tests) where the build has put it. */
function startWorker(request: ReadRequest): Worker {
  const place = import.meta.url.endsWith('.js') ? './read-worker.js' : '../../dist/read-worker.js';
  return new Worker(new URL(place, import.meta.url), { workerData: request });
}

export function readList(request: ReadRequest): ListReader {
  const worker = startWorker(request);
  const over = new Promise<never>((_, reject) => {
    worker.once('error', reject);
    worker.once('exit', () => reject(new Error('The reading of the list was ended.')));
  });
  // Whoever asks next is told; when nobody does, nobody minds.
  over.catch(() => undefined);
  // One question at a time, so the next message is its answer.
  async function ask<T>(what: 'head' | 'next' | 'end'): Promise<T> {
    const answered = new Promise<T>((resolve) => worker.once('message', resolve));
    worker.postMessage(what);
    return Promise.race([answered, over]);
  }
  return {
    head: () => ask('head'),
    next: () => ask('next'),
    end: () => ask('end'),
    close: async () => void (await worker.terminate()),
  };
}
