/** A small plan in which everything agrees: one handheld, one hotspot, one network, three groups and echo. */
import { carryOut } from '../registries/builder';
import { isDmr } from '../modes/dmr/channel';
import { emptyPlan, newNetwork, newRadio, newServer } from '../plan/create';
import { addHotspot } from '../plan/hotspot';
import { newLogin } from '../plan/modes/dmr/blanks';
import { edit, type Recipe } from '../plan/edit';
import { putRow, rows, tableOf } from '../plan/table';
import type { TalkGroup } from '../plan/modes/dmr/types';
import type { Channel, ChannelOf, Plan } from '../plan/types';
import { profileOf } from './profile-of';

export const SAMPLE_ID = 9_992_417;

const furnish: Recipe = (plan) => {
  Object.assign(plan.station, { callSign: 'QO3VES', operator: 'Vesna Torrow', dmrId: SAMPLE_ID, place: 'Hask' });
  putRow(plan.radios, newRadio('r1', 'Handheld', ['dmr', 'fm'], plan.station));
  addHotspot(plan, 's1', 'Home', 439_125_000, ['dmr']);
  putRow(plan.networks, {
    ...newNetwork('dmr', 'n1', 'Lantern'),
    servers: tableOf([newServer('srv', 'Merrin', 'merrin.lantern.example')]),
    groups: tableOf<TalkGroup>([
      { id: 'g1', name: 'Hask Wide', number: 417, category: 'local' },
      { id: 'g2', name: 'Ostrey All', number: 588, category: 'region' },
      { id: 'g3', name: 'Ferry Net', number: 591, category: 'region' },
    ]),
  });
  const profile = profileOf(plan, 's1');
  profile.adminPassword = 'changed';
  profile.dmr.logins = { n1: { ...newLogin(), serverId: 'srv', suffix: 3, password: 'practice' } };
  for (const groupId of ['g1', 'g2', 'g3'])
    putRow(plan.wants, {
      id: `w-${groupId}`,
      destination: { mode: 'dmr', kind: 'group', networkId: 'n1', groupId },
      radioId: 'r1',
      siteId: 's1',
    });
  putRow(plan.wants, {
    id: 'w-echo',
    destination: { mode: 'dmr', kind: 'special', networkId: 'n1', special: 'echo' },
    radioId: 'r1',
    siteId: 's1',
  });
};

export function samplePlan(change: Recipe = () => undefined): Plan {
  const furnished = edit(emptyPlan('Sample'), furnish).plan;
  return edit(edit(furnished, carryOut()).plan, change).plan;
}

/** The channel of a group in the sample, inside a recipe or outside. */
export function channelOf(plan: Plan, groupId: string): ChannelOf<'dmr'> {
  return dmrChannel(plan, 'r1', `ch-w-${groupId}`);
}

/** A channel that is known to be of DMR. */
export function dmrChannel(plan: Plan, radioId: string, channelId: string): ChannelOf<'dmr'> {
  const channel = plan.codeplugs[radioId]!.channels.byId[channelId]!;
  if (!isDmr(channel)) throw new Error(`${channelId} is a channel of ${channel.mode}`);
  return channel;
}

/** The channels of a radio that go through a site, in the order of its codeplug. */
export const channelsAt = (plan: Plan, radioId: string, siteId = 's1'): Channel[] =>
  rows(plan.codeplugs[radioId]!.channels).filter((channel) => channel.siteId === siteId);

export const CHANNEL = '/codeplugs/r1/channels/byId/ch-w-g1';
