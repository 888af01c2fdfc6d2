/** The channels that a want takes: its own mode's, or one that crosses where the radio has not the mode and the hotspot turns it. */
import { modeOf, modeOfDestination } from '../modes/registry';
import { airModeFor } from '../path/crossing';
import type { Destination, ModeId, Plan, Radio, Site } from '../plan/types';
import type { ChannelDraft } from './types';

/** A call of one mode for what is on a network of another; `airModeFor` has said that it can be had. */
function across(plan: Plan, site: Site, destination: Extract<Destination, { networkId: string }>, air: ModeId): ChannelDraft {
  const entry = modeOfDestination(plan, destination).cross!.entry(plan, destination)!;
  const values = { ...modeOf(air).cross!.asking(site, entry.digits), name: entry.name, power: 'low' as const };
  const contact = modeOf(air).build.contact(values);
  return { values, destination, contact: contact && { ...contact, name: entry.name }, address: `${modeOf(air).name} ${entry.digits}`, use: 'talk', networkId: destination.networkId, siteId: site.id };
}

export function draftsFor(plan: Plan, radio: Radio, site: Site, destination: Destination): ChannelDraft[] {
  const own = modeOfDestination(plan, destination);
  const air = airModeFor(plan, radio, site, destination, own.id);
  return air === own.id || !('networkId' in destination) ? own.build.channels(plan, site, destination) : [across(plan, site, destination, air)];
}
