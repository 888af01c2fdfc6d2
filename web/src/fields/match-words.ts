/** What screens say where two channels are held against each other. */
import type { ChannelMatch, MatchKind } from '@relay/core/compare/meaning';

export const MATCH_WORDS: Readonly<Record<MatchKind, string>> = {
  same: 'the same',
  renamed: 'same path, another name',
  'other path': 'same name, another path',
  differs: 'settings differ',
  'only here': 'only in this',
  'only there': 'only in that',
};

/** `Slot: 2 → 1; Power: low → high`. */
export function matchDetail({ kind, name, nameThere, differences }: ChannelMatch): string {
  const parts = differences.map(({ title, here, there }) => `${title}: ${here || 'none'} → ${there || 'none'}`);
  const isRenamed = kind === 'renamed' || (kind === 'differs' && name !== nameThere);
  return (isRenamed ? [`Name: ${name} → ${nameThere}`, ...parts] : parts).join('; ');
}
