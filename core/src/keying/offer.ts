import type { KeyRoutine } from '../plan/keying';

/**
 * The number that a radio offers when one begins to write.
 * @param taken numbers of its memories that hold something
 * @param last the one that was written last; `null`: none yet
 */
export function offeredNumber(
  { first, last: highest, write }: Pick<KeyRoutine, 'first' | 'last' | 'write'>,
  taken: ReadonlySet<number>,
  last: number | null,
): number {
  if (write.offers === 'first free') {
    for (let number = first; number <= highest; number += 1) if (!taken.has(number)) return number;
    return first;
  }
  if (last === null) return first;
  return write.offers === 'the last' || last === highest ? last : last + 1;
}
