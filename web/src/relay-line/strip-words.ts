import type { Strip } from '@relay/core/agreement/strip';

/** What a line one high says, in words: `broken at the hotspot`. */
export function stripWords({ verdict, at, replyOnly }: Strip): string {
  if (verdict === 'whole' || at === null) return verdict;
  const place = at === 'site' ? 'hotspot' : at === 'radio' ? 'channel' : at;
  return `${replyOnly ? 'reply ' : ''}${verdict} at the ${place}`;
}
