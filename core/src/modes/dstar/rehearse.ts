/** D-STAR in time: a command links, the gateway says so, and only then does a talk channel reach the reflector. */
import type { ModeRehearse } from '../../rehearse/mode-rehearse';
import { readCommand } from './addresses';
import { hears, reachesFamily } from './link';
import { gatewayOf, linkBefore, linkWhenTalking, reflectorAt, reflectorWords, targetOf, toGateway } from './links';
import type { DstarArrival } from '../../plan/modes/dstar/types';
import { networkOf } from '../../plan/networks';

export const rehearse: ModeRehearse<'dstar'> = {
  place(plan, destination) {
    const to = targetOf(plan, destination);
    if (!to || !('networkId' in destination) || !networkOf(plan, 'dstar', destination.networkId)) return null;
    return { mode: 'dstar', kind: 'reflector', networkId: destination.networkId, to };
  },
  linked: ({ linkedTo }) => (linkedTo ? reflectorWords(linkedTo) : ''),
  comesOut(index, site, place) {
    if (place.mode !== 'dstar' || (place as DstarArrival).kind !== 'reflector') return null;
    const { to } = place as Extract<DstarArrival, { kind: 'reflector' }>;
    return hears(linkBefore(index, site) ?? null, to) ? { mode: 'dstar', slot: null, number: null } : null;
  },
  first(context) {
    if (readCommand(context.channel.dstar.ur).kind !== 'call to all') return undefined;
    return linkWhenTalking(context).by ?? undefined;
  },
  connects({ index, site, channel }) {
    const command = readCommand(channel.dstar.ur);
    if (command.kind !== 'link' || !site?.dstar) return null;
    // Where nobody has said what the gateway reaches, it may reach it.
    const isReached = site.dstar.families?.length === 0 || reachesFamily(gatewayOf(site.dstar), command.reflector);
    const { reflector, module } = command;
    return isReached && toGateway(site.dstar, channel.dstar) ? reflectorAt(index.plan, { reflector, module }) : null;
  },
  // A talk channel that was left on the command repeats it at every key-up. Common practice.
  saysLinkAgain: true,
  answer({ arrives }) {
    if (arrives?.kind !== 'command') return null;
    return arrives.command === 'echo' ? 'echo' : 'says link';
  },
};
