/** P25 in time: whoever calls a group is linked to it at once, and hears it from then on. */
import type { ModeRehearse } from '../../rehearse/mode-rehearse';
import type { P25State } from '../../plan/modes/p25/types';
import { groupFor, linkBefore, networksAt } from './links';

export const rehearse: ModeRehearse<'p25'> = {
  place(plan, destination) {
    // What a network answers itself is no place to talk at.
    if (destination.mode !== 'p25' || destination.kind === 'special') return null;
    const group = groupFor(plan, destination);
    return group && { mode: 'p25', kind: 'group', networkId: group.network.id, group: group.number };
  },
  isState: (value) => {
    const { linkedTo } = value as Partial<P25State>;
    return linkedTo === null || Number.isInteger(linkedTo);
  },
  linked: ({ linkedTo }) => (linkedTo === null ? '' : `group ${linkedTo}`),
  comesOut(index, site, place) {
    if (place.mode !== 'p25' || place.kind !== 'group' || linkBefore(index, site) !== place.group) return null;
    const { networkIds } = site.p25!;
    const reached = networkIds.length === 0 || networkIds.includes(place.networkId);
    return reached ? { mode: 'p25', slot: null, number: null } : null;
  },
  answer(context) {
    const { group } = context.channel.p25;
    const special = (name: 'echo' | 'unlink') => networksAt(context).some((one) => one.special[name] === group);
    if (!context.site?.p25) return null;
    return special('echo') ? 'echo' : special('unlink') ? 'says link' : null;
  },
};
