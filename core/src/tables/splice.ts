/** Changes to a text by places, so that everything else stays letter for letter. */

export interface Splice {
  start: number;
  end: number;
  text: string;
}

/** Places must not overlap; of several at one place the first given comes first. */
export function splice(text: string, changes: readonly Splice[]): string {
  const sorted = [...changes].sort((a, b) => a.start - b.start || a.end - b.end);
  const parts: string[] = [];
  let at = 0;
  for (const { start, end, text: next } of sorted) {
    if (start < at) throw new Error(`Two changes at ${start}.`);
    parts.push(text.slice(at, start), next);
    at = end;
  }
  parts.push(text.slice(at));
  return parts.join('');
}
