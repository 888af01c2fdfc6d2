/** What the builder makes for a P25 want: a channel that calls the group, and the one that unlinks. */
import { usualPower } from '../../plan/power';
import type { ChannelDraft } from '../../builder/types';
import { reachOf } from '../../plan/sites';
import type { Destination, Plan, Site, ValuesOf } from '../../plan/types';
import type { ModeBuild } from '../../builder/mode-build';
import { blankChannel } from './channel';
import { groupFor, LOCAL, SPECIAL_TITLES } from './links';

function valuesAt(site: Site, name: string, group: number): ValuesOf<'p25'> {
  const values = blankChannel(site);
  return { ...values, name, power: usualPower(site), p25: { ...values.p25, group } };
}

/** One zone a site: a group and the way out of it are used together. */
function draft(site: Site, destination: Destination, name: string, group: number, part = ''): ChannelDraft<'p25'> {
  return {
    values: valuesAt(site, name, group),
    destination,
    title: name,
    ...(part === '' ? {} : { part }),
    address: destination.kind === 'local' ? 'P25, local' : `group ${group}`,
    use: 'talk',
    networkId: null,
    siteId: site.id,
  };
}

/** Direct and local calls use group 1 where nothing else is agreed. Common practice. */
const LOCAL_GROUP = 1;

/** @throws Error when the destination is not in the plan: reference integrity has been broken before. */
function channels(plan: Plan, site: Site, destination: Destination): ChannelDraft<'p25'>[] {
  if (destination.kind === 'local') return [draft(site, destination, site.name, LOCAL_GROUP)];
  const wanted = groupFor(plan, destination);
  if (!wanted) throw new Error(`Want names a destination that the plan does not hold: ${JSON.stringify(destination)}`);
  const unlink: Destination = { mode: 'p25', kind: 'special', networkId: wanted.network.id, special: 'unlink' };
  const out = wanted.network.special.unlink;
  const leave = out === null ? [] : [draft(site, unlink, SPECIAL_TITLES.unlink, out, 'unlink')];
  const special = destination.mode === 'p25' && destination.kind === 'special' ? destination.special : null;
  if (special === 'unlink') return leave;
  // Where the network is not reached nothing is linked; the channel itself says so.
  const lost = site.p25 !== null && reachOf(site.p25, wanted.network.id) === 'not reached';
  return [
    draft(site, destination, special ? SPECIAL_TITLES[special] : wanted.name, wanted.number),
    ...(lost ? [] : leave),
  ];
}

export const build: ModeBuild<'p25'> = {
  channels,
  worthAChannel: () => ({ destinations: [{ destination: LOCAL.destination, name: '', short: 'P25' }], missing: [] }),
};
