/** The order in which the entries of a site are used: link, wait for the answer, back to the call to all, talk, leave. Common practice. */
import type { PathContext } from '../../path/types';
import { rows } from '../../plan/table';
import type { ChannelOf, Id } from '../../plan/types';
import { readCommand } from './addresses';
import { isDstar } from './channel';
import { type LinkState, transmit } from './link';
import { gatewayOf, reflectorWords, targetOf } from './links';

export type OrderUse = 'link' | 'wait' | 'talk' | 'unlink';

export interface OrderStep {
  use: OrderUse;
  title: string;
  /** The channel to choose; `null` where the radio has none for it, or nothing is chosen. */
  channelId: Id | null;
  /** What to do, in a sentence. */
  say: string;
}

/** The D-STAR channels of the same radio at the same site, in its order. */
function neighbours({ codeplug, site }: PathContext<'dstar'>): ChannelOf<'dstar'>[] {
  return rows(codeplug.channels).filter(isDstar).filter((channel) => channel.siteId === site?.id);
}

/** Empty where the channel is meant for no reflector. */
export function orderOf(context: PathContext<'dstar'>): OrderStep[] {
  const { index, channel, site } = context;
  const target = targetOf(index.plan, channel.destination);
  if (!target || !site?.dstar) return [];
  const name = reflectorWords(target);
  const near = neighbours(context);
  const link = near.find((one) => readCommand(one.dstar.ur).kind === 'link' && one.dstar.ur.startsWith(target.reflector) && one.dstar.ur[6] === target.module);
  const talk = near.find((one) => one.destination?.kind === 'reflector' && one.destination.use === 'talk' && reflectorWords(targetOf(index.plan, one.destination) ?? target) === name);
  const unlink = near.find((one) => readCommand(one.dstar.ur).kind === 'unlink');
  const linked = link ? transmit(null, gatewayOf(site.dstar), { ur: link.dstar.ur, rpt2: `${site.dstar.callSign.padEnd(7, ' ').slice(0, 7)}G` }).answer : null;
  return [
    { use: 'link', title: 'Link', channelId: link?.id ?? null, say: link ? `Listen first. Choose ${link.name} and key up once, about two seconds.` : `Set UR to ${target.reflector}${target.module}L and key up once: the radio has no entry for it.` },
    { use: 'wait', title: 'Wait for the answer', channelId: null, say: `Wait for the spoken answer${linked ? `: “${linked}”, or words like it` : ''}.` },
    { use: 'talk', title: 'Talk', channelId: talk?.id ?? null, say: talk ? `Choose ${talk.name}: UR is back on the call to all. Leave a second or two between overs.` : 'Set UR back to CQCQCQ, then talk.' },
    { use: 'unlink', title: 'Leave', channelId: unlink?.id ?? null, say: unlink ? `To leave, choose ${unlink.name}, key up once, and wait for “not linked”.` : 'To leave, set UR to seven spaces and U, and key up once: the radio has no entry for it.' },
  ];
}

/** What one transmission of a channel does at its site, in a state. */
export interface Effect {
  state: LinkState;
  /** Where the voice goes. */
  goes: string;
  /** What to expect to hear. */
  answer: string;
  after: LinkState;
}

/** The channel keyed while the site is linked to nothing, to what it is meant for, and elsewhere. */
export function effectsOf(context: PathContext<'dstar'>, elsewhere: LinkState): Effect[] {
  const { index, channel, site } = context;
  if (!site?.dstar) return [];
  const target = targetOf(index.plan, channel.destination);
  const gateway = gatewayOf(site.dstar);
  return [null, ...(target ? [target] : []), ...(elsewhere ? [elsewhere] : [])].map((state): Effect => {
    const { reaches, answer, fault, state: after } = transmit(state, gateway, channel.dstar);
    const goes = reaches === null ? `only to who hears ${site.name}` : reaches.kind === 'reflector' ? `to ${reflectorWords(reaches.to)}` : reaches.kind === 'echo' ? 'back to you' : `to ${reaches.callSign}`;
    return { state, goes, answer: answer ?? (fault ? `nothing: ${fault}` : 'nothing is said'), after };
  });
}
