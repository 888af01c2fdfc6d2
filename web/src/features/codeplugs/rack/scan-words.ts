/** Why a channel is left out of a scan list, in words. */
import type { LeftOut } from '@relay/core/scanning/propose';
import type { Codeplug, ScanList } from '@relay/core/plan/types';

export function leftOutWords(reason: LeftOut, codeplug: Codeplug): string {
  switch (reason.why) {
    case 'service':
      return 'a network answers it, nobody talks there';
    case 'not in the radio':
      return 'the radio has not its mode';
    case 'busy':
      return `${reason.as}: the radio would stay there`;
    case 'same':
      return `opens for the same as ${codeplug.channels.byId[reason.asId]?.name ?? 'another'}, whose receive list decides`;
    case 'full':
      return `the radio holds ${reason.most} in a list`;
  }
}

export const TALK_BACK_WORDS: Readonly<Record<NonNullable<ScanList['talkBack']>, string>> = {
  selected: 'on the selected channel',
  active: 'on the channel that was heard',
};
