/** What the builder makes for a C4FM want: an entry that calls the room, and the one that leaves it. */
import { usualPower } from '../../plan/power';
import type { ChannelDraft } from '../../builder/types';
import { reachOf } from '../../plan/sites';
import type { Destination, Plan, Site, ValuesOf } from '../../plan/types';
import type { ModeBuild } from '../../builder/mode-build';
import { blankChannel } from './channel';
import { LEAVE, LOCAL, numberFor, targetOf } from './links';
import { roomDigits, roomNetwork } from './rooms';

function valuesAt(site: Site, name: string, room: string): ValuesOf<'c4fm'> {
  const values = blankChannel(site);
  return { ...values, name, power: usualPower(site), c4fm: { ...values.c4fm, room } };
}

/** One zone a site: rooms and the way out of them are used together. */
function draft(
  site: Site,
  destination: Destination,
  name: string,
  room: string,
  address: string,
  part = '',
): ChannelDraft<'c4fm'> {
  return {
    values: valuesAt(site, name, room),
    destination,
    title: name,
    ...(part === '' ? {} : { part }),
    address,
    use: 'talk',
    networkId: null,
    siteId: site.id,
  };
}

/** @throws Error when the destination is not in the plan: reference integrity has been broken before. */
function channels(plan: Plan, site: Site, destination: Destination): ChannelDraft<'c4fm'>[] {
  if (destination.kind === 'local') return [draft(site, destination, site.name, '', 'C4FM, local')];
  const number = numberFor(plan, destination);
  if (number === null || !('networkId' in destination))
    throw new Error(`Want names a destination that the plan does not hold: ${JSON.stringify(destination)}`);
  const leave = draft(
    site,
    { mode: 'c4fm', kind: 'disconnect', networkId: destination.networkId },
    LEAVE,
    roomDigits(roomNetwork(plan, destination.networkId)!.disconnect),
    'disconnect',
    'disconnect',
  );
  const target = targetOf(plan, destination);
  if (!target) return [leave];
  const talk = draft(site, destination, target.room.name, number, `room ${number}`);
  const bridge = target.room.bridgesTo === null ? undefined : plan.networks.byId[target.room.bridgesTo];
  if (bridge && bridge.mode !== 'c4fm') talk.values.c4fm.voice = 'narrow';
  // Where the network is not reached nothing is connected; the channel itself says so.
  return site.c4fm && reachOf(site.c4fm, destination.networkId) === 'not reached' ? [talk] : [talk, leave];
}

export const build: ModeBuild<'c4fm'> = {
  channels,
  worthAChannel: () => ({ destinations: [{ destination: LOCAL.destination, name: '', short: 'C4FM' }], missing: [] }),
};
