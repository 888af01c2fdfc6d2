/** What the builder makes for a D-STAR want: every entry that it takes to link, talk, leave, ask and test. */
import { usualPower } from '../../plan/power';
import type { ChannelDraft } from '../../builder/types';
import type { Destination, Plan, Site } from '../../plan/types';
import type { ModeBuild } from '../../builder/mode-build';
import { blankChannel } from './channel';
import { accessAt } from './access';
import { COMMAND_TITLES, reflectorWords, targetOf, urFor } from './links';
import { COMMAND_NAMES } from '../../plan/modes/dstar/limits';

/** @throws Error when the destination is not in the plan: reference integrity has been broken before. */
function draft(plan: Plan, site: Site, destination: Destination, name: string, part: string): ChannelDraft<'dstar'> {
  const ur = urFor(plan, destination);
  if (ur === null)
    throw new Error(`Want names a destination that the plan does not hold: ${JSON.stringify(destination)}`);
  const values = { ...blankChannel(site), name, power: usualPower(site) };
  values.dstar = { ...values.dstar, ur };
  if (destination.kind === 'local' && site.dstar && !site.dstar.cable)
    Object.assign(values.dstar, accessAt(site, false));
  // One zone a site: the entries of a site are used together, in their order.
  return {
    values,
    destination,
    title: name,
    ...(part === '' ? {} : { part }),
    address: ur.trim(),
    use: 'talk',
    networkId: null,
    siteId: site.id,
  };
}

function channels(plan: Plan, site: Site, destination: Destination): ChannelDraft<'dstar'>[] {
  if (destination.mode !== 'dstar') return [];
  const command = (name: (typeof COMMAND_NAMES)[number]) =>
    draft(plan, site, { mode: 'dstar', kind: 'command', command: name }, COMMAND_TITLES[name], name);
  switch (destination.kind) {
    case 'reflector': {
      const name = reflectorWords(targetOf(plan, destination) ?? { reflector: 'none', module: destination.module });
      const link: Destination = { ...destination, use: 'link' };
      const talk: Destination = { ...destination, use: 'talk' };
      return [
        draft(plan, site, link, `${name} link`, 'link'),
        draft(plan, site, talk, name, 'talk'),
        ...COMMAND_NAMES.map(command),
      ];
    }
    case 'command':
      return [command(destination.command)];
    case 'call-sign':
      return [draft(plan, site, destination, `${destination.callSign} ${destination.module}`.trim(), '')];
    default:
      return [draft(plan, site, destination, site.name, '')];
  }
}

export const build: ModeBuild<'dstar'> = {
  channels,
  worthAChannel: () => ({
    destinations: [{ destination: { mode: 'dstar', kind: 'local' }, name: '', short: 'local' }],
    missing: [],
  }),
};
