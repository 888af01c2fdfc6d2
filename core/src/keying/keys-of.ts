import type { Keying } from '../plan/keying';
import { keysOfEntry } from './entry';

const isDigit = (key: string): boolean => /^\d$/.test(key);

/** Every key that a description names, digits last; each once. */
export function keysOf({ routines }: Keying): string[] {
  const all = routines.flatMap(({ opens, closes, fields, write, erases }) => [
    ...opens,
    ...fields.flatMap(({ begins, entry, ends }) => [...begins, ...keysOfEntry(entry), ...ends]),
    ...write.begins,
    ...keysOfEntry(write.entry),
    ...write.ends,
    ...erases,
    ...closes,
  ]);
  const named = [...new Set(all)];
  return [...named.filter((key) => !isDigit(key)), ...named.filter(isDigit)];
}
