/** Which errors mean that the database cannot do it now, and will be able to later. */

/**
 * Classes of PostgreSQL's error codes (its documentation, appendix A): connection, resources (disk full, too many
 * connections), intervention of an operator (stopping, starting, a statement over its time), trouble of the system, and
 * locks that were not had.
 */
const PASSING = /^(08|53|57|58)|^(55P03|40001|40P01|25006|XX001)$/;
const NETWORK = new Set(['ECONNREFUSED', 'ECONNRESET', 'EPIPE', 'ETIMEDOUT', 'ENOTFOUND', 'EHOSTUNREACH']);
/** What the driver says without a code. */
const WORDS =
  /timeout exceeded when trying to connect|connection terminated|client has encountered a connection error|connection is closed|cannot use a pool after|query read timeout|not queryable|driver not connected/i;

/** Whether an error, of the driver or wrapped by the mapper, is of that kind. */
export function isDatabaseTrouble(error: unknown): boolean {
  for (let one: unknown = error, depth = 0; one instanceof Error && depth < 5; depth += 1) {
    const { code, driverError, cause } = one as Error & { code?: unknown; driverError?: unknown; cause?: unknown };
    if (typeof code === 'string' && (PASSING.test(code) || NETWORK.has(code))) return true;
    if (WORDS.test(one.message)) return true;
    if (one instanceof AggregateError && one.errors.some(isDatabaseTrouble)) return true;
    one = driverError ?? cause;
  }
  return false;
}
