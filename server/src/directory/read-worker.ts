/** The thread that reads lists: one list a thread, asked for chunk after chunk. */
import { parentPort, workerData } from 'node:worker_threads';
import type { ColumnField } from '@relay/core/lists/types';
import { ListReading } from './reading';

const { bytes, fields, recipes } = workerData as {
  bytes: Uint8Array;
  fields: ColumnField[] | null;
  recipes: Record<string, ColumnField[]>;
};
const reading = new ListReading(bytes, (signature) => fields ?? recipes[signature] ?? null);

parentPort!.on('message', (ask: 'head' | 'next' | 'end') => {
  parentPort!.postMessage(ask === 'head' ? reading.head : ask === 'next' ? reading.next() : reading.end());
});
