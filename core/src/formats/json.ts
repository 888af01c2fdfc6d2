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
