/**
 * How long anything may wait for the database: a request that cannot be answered is told so soon, and holds nothing up.
 */

/** No connection within this time: the pool is full, or the database is away. */
const CONNECT_MS = 2_000;
/** One statement; an import is many. */
const STATEMENT_MS = 30_000;
const LOCK_MS = 10_000;
/** A transaction in which nothing happens: whoever began it is gone. */
const IDLE_MS = 60_000;

export const POOL = {
  max: 10,
  application_name: 'yellow-relay',
  connectionTimeoutMillis: CONNECT_MS,
  statement_timeout: STATEMENT_MS,
  lock_timeout: LOCK_MS,
  idle_in_transaction_session_timeout: IDLE_MS,
};
