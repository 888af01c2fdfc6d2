import type { ReadFinding } from './format';

/** Parses JSON; a syntax error becomes a finding with its line. */
export function parseJson(text: string): { value: unknown; finding: ReadFinding | null } {
  try {
    return { value: JSON.parse(text.replace(/^\ufeff/, '')), finding: null };
  } catch (error) {
    const message = error instanceof Error ? error.message : String(error);
    const at = /position (\d+)/.exec(message);
    const line = at ? text.slice(0, Number(at[1])).split('\n').length : null;
    return { value: undefined, finding: { line, place: 'syntax', found: message, expected: 'JSON (RFC 8259)' } };
  }
}

/** What one key of a document has to be, and what that is called. */
export type Wanted = [key: string, fits: (value: unknown) => boolean, expected: string];

const MOST_SHOWN = 100;

/** What keeps a document from being what it should: it is no object, or its keys do not fit. */
export function problemsOf(document: unknown, wanted: readonly Wanted[]): ReadFinding[] {
  if (typeof document !== 'object' || document === null || Array.isArray(document))
    return [{ line: null, place: '/', found: typeof document, expected: 'an object' }];
  const fields = document as Record<string, unknown>;
  return wanted
    .filter(([key, fits]) => !fits(fields[key]))
    .map(([key, , expected]) => ({
      line: null,
      place: `/${key}`,
      found: JSON.stringify(fields[key])?.slice(0, MOST_SHOWN) ?? 'nothing',
      expected,
    }));
}
