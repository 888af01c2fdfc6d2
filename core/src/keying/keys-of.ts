import type { KeyEntry, Keying } from '../plan/keying';

const DIGITS = ['1', '2', '3', '4', '5', '6', '7', '8', '9', '0'];

function ofEntry(
  entry: KeyEntry | { kind: 'turn'; next: string; previous: string } | { kind: 'digits'; places: number },
): string[] {
  if (entry.kind === 'digits') return DIGITS;
  if (entry.kind === 'taps') return [...entry.keys.map(({ key }) => key), entry.forward];
  const { next, previous } = entry;
  return [next, ...(previous === null ? [] : [previous]), ...(entry.kind === 'letters' ? [entry.forward] : [])];
}

/** Every key that a description names, digits last; each once. */
export function keysOf({ routines }: Keying): string[] {
  const all = routines.flatMap(({ opens, closes, fields, write, erases }) => [
    ...opens,
    ...fields.flatMap(({ begins, entry, ends }) => [...begins, ...ofEntry(entry), ...ends]),
    ...write.begins,
    ...ofEntry(write.entry),
    ...write.ends,
    ...erases,
    ...closes,
  ]);
  const named = [...new Set(all)];
  return [...named.filter((key) => !DIGITS.includes(key)), ...DIGITS.filter((key) => named.includes(key))];
}
