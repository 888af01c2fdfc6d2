/** The first of the names that nobody among `taken` bears; letters large and small are the same. `nth`: from 1. */
export function freshName(taken: Iterable<string>, nth: (n: number) => string): string {
  const borne = new Set([...taken].map((name) => name.toLowerCase()));
  for (let n = 1; ; n += 1) {
    const name = nth(n);
    if (!borne.has(name.toLowerCase())) return name;
  }
}
