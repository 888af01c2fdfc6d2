/** What a radio would hear on a channel now: each group that opens it, and whether that group comes. */
import { contextOf } from '../../path/context';
import type { PathContext, PlanIndex } from '../../path/types';
import type { ChannelOf, Id } from '../../plan/types';
import type { Activity } from '../../plan/modes/dmr/types';
import { isDmrPath } from './channel';
import { groupOfNumber } from './networks';
import { trace } from './trace';

/** A group that a channel opens for. */
export interface Heard {
  number: number;
  /** As the directory of its network calls it; empty where it is in none. */
  name: string;
  /** Why the radio opens: its receive list, or because the channel calls it. */
  by: 'list' | 'own';
  /** The network that it comes from; `null`: the site carries it nowhere. */
  networkId: Id | null;
  /** Whether it comes unasked; `null` where nothing is carried. */
  activity: Activity | null;
  /** Talk in it is heard: it is carried, and what comes back has the number that opens the radio. */
  comes: boolean;
}

/** The same channel as if it called that group. */
function calling(index: PlanIndex, radioId: Id, channel: ChannelOf<'dmr'>, number: number): PathContext<'dmr'> | null {
  const call = { kind: 'group' as const, number };
  const own = channel.dmr.call.kind === 'group' && channel.dmr.call.number === number;
  const as = { ...channel, dmr: { ...channel.dmr, call }, destination: own ? channel.destination : null };
  const context = contextOf(index, radioId, as);
  return isDmrPath(context) ? context : null;
}

/** Groups in the order of the receive list, the channel's own first where it opens for it. */
export function hearsNow(index: PlanIndex, radioId: Id, channel: ChannelOf<'dmr'>): Heard[] {
  const { dmr } = index.plan.codeplugs[radioId]!;
  const { call, receiveListId } = channel.dmr;
  const listed = receiveListId === null ? [] : (dmr.receiveLists.byId[receiveListId]?.groups ?? []);
  const ownOpens = call.kind === 'group' && index.plan.radios.byId[radioId]!.dmr?.hearsOwnGroup === true;
  const numbers = [...new Set([...(ownOpens ? [call.number] : []), ...listed])];
  return numbers.map((number): Heard => {
    const by = listed.includes(number) ? 'list' : 'own';
    const context = calling(index, radioId, channel, number);
    const arrives = context?.arrives ?? null;
    if (!context || arrives === null || arrives.networkId === null)
      return { number, name: '', by, networkId: null, activity: null, comes: false };
    const { replyNetwork, replyGateway } = trace.beyond!;
    const activity = replyNetwork(context).find(({ key }) => key === 'activity')?.has as Activity | undefined;
    const back = replyGateway(context).find(({ key }) => key === 'return');
    return {
      number,
      name: groupOfNumber(index, arrives.networkId, arrives.number)?.name ?? '',
      by,
      networkId: arrives.networkId,
      activity: activity ?? null,
      comes: back === undefined || back.state === 'whole',
    };
  });
}
