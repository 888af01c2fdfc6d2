/** The log: what happened and to which request or plan, never what anybody wrote. */
import { type DestinationStream, type Logger, pino } from 'pino';

/**
 * An error without its values: errors of the database carry the statement's values, and their messages may quote them.
 * What stays tells where to look: kind, code, place in the schema, stack without its first line.
 */
export function plainError(error: unknown): object {
  if (!(error instanceof Error)) return { type: typeof error };
  const { code, driverError } = error as Error & { code?: unknown; driverError?: unknown };
  const database = (driverError ?? error) as Record<string, unknown>;
  const isDatabase = driverError !== undefined || 'severity' in error || 'routine' in error;
  return {
    type: error.name,
    message: isDatabase ? 'the database refused a statement' : error.message,
    code: code ?? database['code'],
    ...(isDatabase
      ? { table: database['table'], constraint: database['constraint'], routine: database['routine'] }
      : {}),
    stack: error.stack
      ?.split('\n')
      .filter((line) => /^\s+at /.test(line))
      .slice(0, 12)
      .join('\n'),
  };
}

export function makeLog(level: string, stream?: DestinationStream): Logger {
  const options = { level, serializers: { err: plainError } };
  return stream ? pino(options, stream) : pino(options);
}
