/** What a C4FM channel opens for, set with the tones that go with it. */
import { channelPointer, set } from '../../checks/walk';
import type { PathContext } from '../../path/types';
import type { Patch } from '../../plan/patches';
import type { Receive } from '../../plan/modes/c4fm/types';
import { sameTone, toneFor } from '../../units/tones';

/** The patches that make a channel open for something else: digital only holds no tone, and one that follows what comes sends the site's. */
export function receivePatches(
  context: Pick<PathContext<'c4fm'>, 'radio' | 'channel' | 'site'>,
  receive: Receive,
): Patch[] {
  const { toneTx, toneRx } = context.channel.c4fm;
  const { toneIn = null, toneOut = null } = context.site?.fm ?? {};
  const wanted = toneFor(toneIn);
  const sent = receive === 'digital' ? null : wanted !== null && !sameTone(toneTx, wanted) ? wanted : toneTx;
  // A tone that the site is not said to send keeps the receiver shut: any signal is safe.
  const heard = receive === 'auto' && toneOut !== null && sameTone(toneRx, toneFor(toneOut)) ? toneRx : null;
  const field = (name: 'receive' | 'toneTx' | 'toneRx') => channelPointer(context, 'c4fm', name);
  return [
    set(field('receive'), receive),
    ...(sent === toneTx ? [] : [set(field('toneTx'), sent)]),
    ...(heard === toneRx ? [] : [set(field('toneRx'), heard)]),
  ];
}
