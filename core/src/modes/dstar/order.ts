/** The order in which the entries of a site are used: link, wait for the answer, back to the call to all, talk, leave. Common practice. */
import type { PathContext } from '../../path/types';
import { rows } from '../../plan/table';
import type { ChannelOf, Id } from '../../plan/types';
import { GATEWAY_LETTER } from '../../plan/modes/dstar/limits';
import { readCommand, withModule } from './addresses';
import { isDstar } from './channel';
import type { LinkState } from '../../plan/modes/dstar/types';
import { type DstarEffect, type Fault, step } from './link';
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
  return rows(codeplug.channels)
    .filter(isDstar)
    .filter((channel) => channel.siteId === site?.id);
}

/** Empty where the channel is meant for no reflector. */
export function orderOf(context: PathContext<'dstar'>): OrderStep[] {
  const { index, channel, site } = context;
  const target = targetOf(index.plan, channel.destination);
  if (!target || !site?.dstar) return [];
  const name = reflectorWords(target);
  const near = neighbours(context);
  const link = near.find(
    (one) =>
      readCommand(one.dstar.ur).kind === 'link' &&
      one.dstar.ur.startsWith(target.reflector) &&
      one.dstar.ur[6] === target.module,
  );
  const talk = near.find(
    (one) =>
      one.destination?.kind === 'reflector' &&
      one.destination.use === 'talk' &&
      reflectorWords(targetOf(index.plan, one.destination) ?? target) === name,
  );
  const unlink = near.find((one) => readCommand(one.dstar.ur).kind === 'unlink');
  const rpt2 = withModule(site.dstar.callSign, GATEWAY_LETTER);
  const linked = link
    ? answerOf(step({ linkedTo: null }, { kind: 'sent', gateway: gatewayOf(site.dstar), ur: link.dstar.ur, rpt2 })[1])
    : null;
  return [
    {
      use: 'link',
      title: 'Link',
      channelId: link?.id ?? null,
      say: link
        ? `Listen first. Choose ${link.name} and key up once, about two seconds.`
        : `Set UR to ${target.reflector}${target.module}L and key up once: the radio has no entry for it.`,
    },
    {
      use: 'wait',
      title: 'Wait for the answer',
      channelId: null,
      say: `Wait for the spoken answer${linked ? `: “${linked}”, or words like it` : ''}.`,
    },
    {
      use: 'talk',
      title: 'Talk',
      channelId: talk?.id ?? null,
      say: talk
        ? `Choose ${talk.name}: UR is back on the call to all. Leave a second or two between overs.`
        : 'Set UR back to CQCQCQ, then talk.',
    },
    {
      use: 'unlink',
      title: 'Leave',
      channelId: unlink?.id ?? null,
      say: unlink
        ? `To leave, choose ${unlink.name}, key up once, and wait for “not linked”.`
        : 'To leave, set UR to seven spaces and U, and key up once: the radio has no entry for it.',
    },
  ];
}

/** What one transmission of a channel does at its site, in a state. */
export interface KeyUp {
  state: LinkState;
  /** Where the voice goes. */
  goes: string;
  /** What to expect to hear. */
  answer: string;
  after: LinkState;
}

const FAULTS: Readonly<Record<Fault, string>> = {
  'not to the gateway': 'not to the gateway',
  'family not reached': 'family not reached',
  malformed: 'malformed',
};

/** What the gateway says, in short; `null`: nothing. */
function answerOf(effects: readonly DstarEffect[]): string | null {
  for (const effect of effects) {
    if (effect.kind === 'says link') return effect.to ? `linked to ${reflectorWords(effect.to)}` : 'not linked';
    if (effect.kind === 'says not reached') return `${reflectorWords(effect.to)} is not reached`;
    if (effect.kind === 'echoes') return 'your own words';
  }
  return null;
}

/** Where the voice goes; `here`: the site, where it reaches only those who hear it. */
function goesTo(effects: readonly DstarEffect[], here: string): string {
  for (const effect of effects) {
    if (effect.kind === 'reaches reflector') return `to ${reflectorWords(effect.to)}`;
    if (effect.kind === 'reaches repeater' || effect.kind === 'reaches station') return `to ${effect.callSign}`;
    if (effect.kind === 'echoes') return 'back to you';
  }
  return `only to who hears ${here}`;
}

/** The channel keyed while the site is linked to nothing, to what it is meant for, and elsewhere. */
export function keyUpsOf(context: PathContext<'dstar'>, elsewhere: LinkState): KeyUp[] {
  const { index, channel, site } = context;
  if (!site?.dstar) return [];
  const target = targetOf(index.plan, channel.destination);
  const gateway = gatewayOf(site.dstar);
  const { ur, rpt2 } = channel.dstar;
  return [null, ...(target ? [target] : []), ...(elsewhere ? [elsewhere] : [])].map((state): KeyUp => {
    const [{ linkedTo: after }, effects] = step({ linkedTo: state }, { kind: 'sent', gateway, ur, rpt2 });
    const refusal = effects.find((effect) => effect.kind === 'refuses');
    return {
      state,
      goes: goesTo(effects, site.name),
      answer: answerOf(effects) ?? (refusal ? `nothing: ${FAULTS[refusal.fault]}` : 'nothing is said'),
      after,
    };
  });
}
