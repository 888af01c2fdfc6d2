/** Numbers that come out the same for the same seed (Mulberry32, public domain). */
export interface Random {
  /** From 0 up to but not 1. */
  next(): number;
  /** A whole number from 0 up to but not `below`. */
  below(below: number): number;
  pick<T>(from: readonly T[]): T;
  chance(share: number): boolean;
  shuffled<T>(from: readonly T[]): T[];
}

export function randomOf(seed: number): Random {
  let state = seed >>> 0;
  const next = () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let t = state;
    t = Math.imul(t ^ (t >>> 15), t | 1);
    t ^= t + Math.imul(t ^ (t >>> 7), t | 61);
    return ((t ^ (t >>> 14)) >>> 0) / 4_294_967_296;
  };
  const below = (most: number) => Math.floor(next() * most);
  return {
    next,
    below,
    pick: (from) => from[below(from.length)]!,
    chance: (share) => next() < share,
    shuffled(from) {
      const all = [...from];
      for (let at = all.length - 1; at > 0; at -= 1) {
        const other = below(at + 1);
        [all[at], all[other]] = [all[other]!, all[at]!];
      }
      return all;
    },
  };
}
