/** The order in which a room is used: call it, wait, talk, leave. Common practice. */
import type { PathContext } from '../../path/types';
import { rows } from '../../plan/table';
import type { ChannelOf, Id } from '../../plan/types';
import { CONNECT_S } from '../../plan/modes/c4fm/limits';
import { disconnects, targetOf } from './links';
import { roomDigits } from './rooms';

export interface ConnectStep {
  use: 'call' | 'wait' | 'talk' | 'leave';
  title: string;
  /** The channel to choose; `null` where the radio has none for it, or nothing is chosen. */
  channelId: Id | null;
  /** What to do, in a sentence. */
  say: string;
}

/** Where a radio keeps a number: `category 2, “Isles Evening”`; `null` where it does not. */
export function memoryOf({ codeplug }: Pick<PathContext, 'codeplug'>, number: string): string | null {
  const memory = rows(codeplug.c4fm.rooms).find((one) => one.number === number);
  return memory ? `category ${memory.category}, “${memory.name}”` : null;
}

/** The entry of the same radio at the same site that leaves a room. */
export function wayOut(context: PathContext<'c4fm'>): ChannelOf<'c4fm'> | null {
  const mine = rows(context.codeplug.channels).filter(
    (one): one is ChannelOf<'c4fm'> => one.mode === 'c4fm' && one.siteId === context.site?.id,
  );
  return mine.find((one) => disconnects(context, one.c4fm.room)) ?? null;
}

/** Empty where the channel is meant for no room. */
export function orderOf(context: PathContext<'c4fm'>): ConnectStep[] {
  const { index, channel, site } = context;
  const target = targetOf(index.plan, channel.destination);
  if (!target || !site?.c4fm) return [];
  const number = roomDigits(target.room.number);
  const memory = memoryOf(context, number);
  const out = wayOut(context);
  const leave = roomDigits(target.network.disconnect);
  return [
    {
      use: 'call',
      title: 'Call the room',
      channelId: channel.id,
      say: `Choose ${channel.name}, and call ${number}${memory ? `: it is in ${memory}` : ' by its number'}. Searching by name and by number are two different acts.`,
    },
    {
      use: 'wait',
      title: 'Wait for the answer',
      channelId: null,
      say: `An attempt lasts ${CONNECT_S} s. A failed one is not repeated: try again. A room shown flashing is the last one, not connected.`,
    },
    {
      use: 'talk',
      title: 'Talk',
      channelId: channel.id,
      say: 'A room shown steady is connected. Leave a second or two between overs.',
    },
    {
      use: 'leave',
      title: 'Leave',
      channelId: out?.id ?? null,
      say: out
        ? `To leave, choose ${out.name} and call ${leave}, in a gap: a site that transmits does not listen.`
        : `To leave, call ${leave}, in a gap: the radio has no entry for it.`,
    },
  ];
}
