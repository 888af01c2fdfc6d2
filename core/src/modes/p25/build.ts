/** What the builder makes for a P25 want: a channel that calls the group, and the one that unlinks. */
import type { ChannelDraft } from '../../build/types';
import { reachOf } from '../../plan/sites';
import type { Destination, Plan, Site, ValuesOf } from '../../plan/types';
import type { ModeBuild, ModeCross } from '../mode';
import { blankChannel } from './channel';
import { GROUP_MAX } from './limits';
import { groupFor, LOCAL, p25Network, SPECIAL_TITLES } from './links';

function valuesAt(site: Site, name: string, group: number): ValuesOf<'p25'> {
  const values = blankChannel(site);
  return { ...values, name, power: site.kind === 'hotspot' ? 'low' : 'high', p25: { ...values.p25, group } };
}

/** One zone a site: a group and the way out of it are used together. */
function draft(site: Site, destination: Destination, name: string, group: number, part = ''): ChannelDraft<'p25'> {
  return { values: valuesAt(site, name, group), destination, ...(part === '' ? {} : { part }), contact: null, address: destination.kind === 'local' ? 'P25, local' : `group ${group}`, use: 'talk', networkId: null, siteId: site.id };
}

/** Direct and local calls use group 1 where nothing else is agreed. Common practice. */
const LOCAL_GROUP = 1;

/** @throws Error when the destination is not in the plan: reference integrity has been broken before. */
function channels(plan: Plan, site: Site, destination: Destination): ChannelDraft<'p25'>[] {
  if (destination.kind === 'local') return [draft(site, destination, site.name, LOCAL_GROUP)];
  const wanted = groupFor(plan, destination);
  if (!wanted) throw new Error(`Want names a destination that the plan does not hold: ${JSON.stringify(destination)}`);
  const unlink: Destination = { kind: 'p25-special', networkId: wanted.network.id, special: 'unlink' };
  const out = wanted.network.special.unlink;
  const leave = out === null ? [] : [draft(site, unlink, SPECIAL_TITLES.unlink, out, 'unlink')];
  if (destination.kind === 'p25-special' && destination.special === 'unlink') return leave;
  // Where the network is not reached nothing is linked; the channel itself says so.
  const lost = site.p25 !== null && reachOf(site.p25, wanted.network.id) === 'not reached';
  return [draft(site, destination, destination.kind === 'p25-special' ? SPECIAL_TITLES[destination.special] : wanted.name, wanted.number), ...(lost ? [] : leave)];
}

export const build: ModeBuild<'p25'> = {
  channels,
  contact: () => null,
  receiveList: () => null,
  withReceiveList: (values) => values,
  profile: () => undefined,
  worthAChannel: () => ({ destinations: [{ destination: LOCAL.destination, name: '', short: 'P25' }], missing: [] }),
};

export const cross: ModeCross<'p25'> = {
  asked: (values) => String(values.p25.group),
  most: GROUP_MAX,
  fields: ['p25-group'],
  asking: (site, digits) => valuesAt(site, 'New channel', Number(digits)),
  entry(plan, destination) {
    const wanted = destination.kind === 'p25-group' ? groupFor(plan, destination) : null;
    return wanted && { digits: String(wanted.number), name: wanted.name };
  },
  lacks: (index, site, networkId) => (site.p25?.networkIds.includes(networkId) ? [] : [`reach of ${p25Network(index.plan, networkId)?.name ?? 'the network'}`]),
};
