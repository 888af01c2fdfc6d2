/** The thread that searches the imported lists. It answers texts of JSON, which the main thread only passes on. */
import { workerData } from 'node:worker_threads';
import pg from 'pg';
import { CorridorTooLarge } from '@relay/core/units/geo/corridor';
import { POOL } from '../db/limits';
import { serveThread } from '../threads/serve';
import { DirectoryReads, type FindQuery, type NearQuery, type TripQuery } from './reads';

/** An answer, or why the question is too large, or that the database does not answer. */
export type ReadAnswer = { json: string } | { tooLarge: string } | { away: string };

const { url } = workerData as { url: string };
const pool = new pg.Pool({ ...POOL, connectionString: url, max: 2 });
// A connection that is lost while nobody uses it: the next query makes another.
pool.on('error', () => undefined);
const reads = new DirectoryReads(async (statement, values) => {
  try {
    return (await pool.query(statement, values)).rows as unknown[];
  } catch (error) {
    throw new Away(error);
  }
});

class Away extends Error {
  constructor(readonly reason: unknown) {
    super(reason instanceof Error ? reason.message : String(reason));
  }
}

async function answer(ask: () => Promise<unknown>): Promise<ReadAnswer> {
  try {
    return { json: JSON.stringify(await ask()) };
  } catch (error) {
    if (error instanceof CorridorTooLarge) return { tooLarge: error.message };
    if (error instanceof Away) return { away: error.message };
    throw error;
  }
}

const operations = {
  near: (query: NearQuery) => answer(() => reads.near(query)),
  find: (query: FindQuery) => answer(() => reads.find(query)),
  along: (query: TripQuery) => answer(() => reads.along(query)),
  map: () => answer(() => reads.map()),
  sitesOfList: ({ listId, limit }: { listId: string; limit: number }) => answer(() => reads.sitesOfList(listId, limit)),
};

export type ReadOperations = typeof operations;

serveThread(operations);
