/** What a radio does not get, in words: those of one reason together. */
import type { Brought } from '@relay/core/bring/bring-along';
import type { RadioLimits } from '@relay/core/plan/types';

const FULL: Partial<Record<keyof RadioLimits, string>> = {
  channels: 'channels',
  zones: 'zones',
  contacts: 'contacts',
  receiveLists: 'receive lists',
};

const UNABLE = {
  mode: 'the radio has not the mode',
  band: 'the radio does not tune there, or only receives',
  site: 'the site does not offer it',
} as const;

type Without = Brought['without'][number];

/** `no room: channels and contacts are full`. */
function reasonOf({ why, full }: Without): string {
  if (why !== 'room') return UNABLE[why];
  const words = full.map((limit) => FULL[limit] ?? limit);
  return words.length === 0 ? 'no room' : `no room: ${words.join(' and ')} full`;
}

/** A line a reason, with everything that it holds for. */
export function withoutLines(
  without: readonly Without[],
  nameOf: (one: Without['way']) => string,
): { why: string; names: string[] }[] {
  const byWhy = new Map<string, string[]>();
  for (const one of without) byWhy.set(reasonOf(one), [...(byWhy.get(reasonOf(one)) ?? []), nameOf(one.way)]);
  return [...byWhy].map(([why, names]) => ({ why, names }));
}
