/** A small plan in which everything agrees: one handheld, one hotspot, one network, three groups and echo. */
import { carryOut } from '../build/build';
import { isDmr } from '../modes/dmr/channel';
import { emptyPlan, newHotspot, newLogin, newNetwork, newProfile, newRadio, newServer } from '../plan/create';
import { edit, type Recipe } from '../plan/edit';
import { putRow, tableOf } from '../plan/table';
import type { TalkGroup } from '../modes/dmr/types';
import type { ChannelOf, Plan } from '../plan/types';

export const SAMPLE_ID = 9_992_417;

const furnish: Recipe = (plan) => {
  Object.assign(plan.station, { callSign: 'QO3VES', operator: 'Vesna Torrow', dmrId: SAMPLE_ID, place: 'Hask' });
  putRow(plan.radios, newRadio('r1', 'Handheld', SAMPLE_ID));
  putRow(plan.sites, newHotspot('s1', 'Home', 439_125_000, 1));
  putRow(plan.networks, {
    ...newNetwork('n1', 'Lantern'),
    servers: tableOf([newServer('srv', 'Merrin', 'merrin.lantern.example')]),
    groups: tableOf<TalkGroup>([
      { id: 'g1', name: 'Hask Wide', number: 417, category: 'local' },
      { id: 'g2', name: 'Ostrey All', number: 588, category: 'region' },
      { id: 'g3', name: 'Ferry Net', number: 591, category: 'region' },
    ]),
  });
  plan.profiles['s1'] = { ...newProfile(), dmr: { ...newProfile().dmr, logins: { n1: { ...newLogin(), serverId: 'srv', suffix: 3, password: 'practice' } } }, adminPassword: 'changed' };
  for (const groupId of ['g1', 'g2', 'g3']) putRow(plan.wants, { id: `w-${groupId}`, destination: { kind: 'group', networkId: 'n1', groupId }, radioId: 'r1', siteId: 's1' });
  putRow(plan.wants, { id: 'w-echo', destination: { kind: 'special', networkId: 'n1', special: 'echo' }, radioId: 'r1', siteId: 's1' });
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

export const CHANNEL = '/codeplugs/r1/channels/byId/ch-w-g1';
