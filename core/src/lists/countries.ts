/** The countries that lists name. */
import type { ListSummary } from './filed';

/** Each once, whatever its capitals, in alphabetical order. */
export function countriesOf(lists: readonly Pick<ListSummary, 'countries'>[]): string[] {
  const known = new Map<string, string>();
  for (const country of lists.flatMap(({ countries }) => countries))
    if (!known.has(country.toLowerCase())) known.set(country.toLowerCase(), country);
  return [...known.values()].sort((a, b) => a.localeCompare(b));
}
