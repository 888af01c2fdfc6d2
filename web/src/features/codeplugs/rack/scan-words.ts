/** Why a channel is left out of a scan list, in words. */
import type { LeftOut, ScanProposal } from '@relay/core/scanning/propose';
import type { Codeplug, ScanList } from '@relay/core/plan/types';

function wordsOf(reason: LeftOut, codeplug: Codeplug): string {
  switch (reason.why) {
    case 'service':
      return 'a network answers it, nobody talks there';
    case 'not in the radio':
      return 'the radio has not its mode';
    case 'busy':
      return `${reason.as}: the radio would stay there`;
    case 'same': {
      const other = codeplug.channels.byId[reason.asId]?.name ?? 'another';
      return `same frequency and codes as ${other}, whose receive list decides what is heard`;
    }
    case 'full':
      return `the radio holds ${reason.most} in a list`;
  }
}

/** A line a reason, with all that are left out for it. */
export function leftOutLines(leftOut: ScanProposal['leftOut'], codeplug: Codeplug): { names: string; why: string }[] {
  const byWhy = new Map<string, string[]>();
  for (const { channelId, reason } of leftOut) {
    const why = wordsOf(reason, codeplug);
    byWhy.set(why, [...(byWhy.get(why) ?? []), codeplug.channels.byId[channelId]?.name ?? channelId]);
  }
  return [...byWhy].map(([why, names]) => ({ names: names.join(', '), why }));
}

export const TALK_BACK_WORDS: Readonly<Record<NonNullable<ScanList['talkBack']>, string>> = {
  selected: 'on the selected channel',
  active: 'on the channel that was heard',
};
