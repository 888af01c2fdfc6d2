/** D-STAR in time: a command links, the gateway says so, and only then does a talk channel reach the reflector. */
import type { ModeRehearse } from '../../rehearse/mode-rehearse';
import type { DstarState } from '../../plan/modes/dstar/types';
import { readCommand, REFLECTOR } from './addresses';
import { hears, reachesFamily } from './link';
import { gatewayAsked, linkBefore, linkWhenTalking, reflectorAt, reflectorWords, targetOf, toGateway } from './links';
import { networkOf } from '../../plan/networks';

export const rehearse: ModeRehearse<'dstar'> = {
  place(plan, destination) {
    const to = targetOf(plan, destination);
    // What links is no place to talk at.
    if (
      !to ||
      ('use' in destination && destination.use === 'link') ||
      !('networkId' in destination) ||
      !networkOf(plan, 'dstar', destination.networkId)
    )
      return null;
    return { mode: 'dstar', kind: 'reflector', networkId: destination.networkId, to };
  },
  isState: (value) => {
    const { linkedTo } = value as Partial<DstarState>;
    if (linkedTo === null) return true;
    return linkedTo !== undefined && REFLECTOR.test(linkedTo.reflector) && /^[A-Z]$/.test(linkedTo.module);
  },
  linked: ({ linkedTo }) => (linkedTo ? reflectorWords(linkedTo) : ''),
  comesOut(index, site, place) {
    if (place.mode !== 'dstar' || place.kind !== 'reflector') return null;
    return hears(linkBefore(index, site) ?? null, place.to) ? { mode: 'dstar', slot: null, number: null } : null;
  },
  first(context) {
    if (readCommand(context.channel.dstar.ur).kind !== 'call to all') return undefined;
    return linkWhenTalking(context).by ?? undefined;
  },
  connects({ index, site, channel }) {
    const command = readCommand(channel.dstar.ur);
    if (command.kind !== 'link' || !site?.dstar) return null;
    const isReached = reachesFamily(gatewayAsked(site.dstar), command.reflector);
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
