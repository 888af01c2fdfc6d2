/** Another channel beside one that a radio has: what the mends use that find a channel missing. */
import { onRadio, usualPower } from '../plan/power';
import { radioTunes } from '../path/common-facts';
import { nameFitter } from '../codeplug/names';
import { type Patch, toPointer } from '../plan/patches';
import { freeId, rows } from '../plan/table';
import type { Channel, ChannelValues, Codeplug, Destination, Id, Plan, Radio, Site } from '../plan/types';
import { nameRules, roomIn } from '../codeplug/room';

export interface Beside {
  site: Site;
  /** What it holds; its name is fitted to the radio, and its power to the site. */
  values: ChannelValues;
  destination: Destination;
}

export interface Added {
  /** Its id, made unlike others. */
  base: string;
  /** What it is called before the name is made to fit. */
  name: string;
  power: Channel['power'];
  site: Site;
  values: Omit<ChannelValues, 'power'>;
  destination: Destination;
}

/** The patches that add a channel to a radio, in no zone yet; with the id and the name that it has there. */
export function addedChannel(
  plan: Plan,
  radio: Radio,
  codeplug: Codeplug,
  added: Added,
): { id: Id; name: string; patches: Patch[] } {
  const { base, name: wish, power, site, values, destination } = added;
  const id = freeId(base, (taken) => taken in codeplug.channels.byId);
  const fit = nameFitter(
    nameRules(plan, radio),
    rows(codeplug.channels).map((one) => one.name),
  );
  const name = fit({ name: wish, qualifier: site.name });
  const value = { ...values, id, name, power, siteId: site.id, destination, purpose: null, wantId: null, built: null };
  const at = (...path: string[]) => toPointer(['codeplugs', radio.id, 'channels', ...path]);
  const patches: Patch[] = [
    { op: 'add', path: at('byId', id), value },
    { op: 'add', path: at('order', '-'), value: id },
  ];
  return { id, name, patches };
}

/**
 * The patches that add a channel through a site, in the zone of another channel; empty where the radio has no room for
 * it, or does not tune the site.
 */
export function channelBeside(plan: Plan, radio: Radio, codeplug: Codeplug, channel: Channel, beside: Beside): Patch[] {
  const { site, values, destination } = beside;
  const zones = rows(codeplug.zones).filter((one) => one.channelIds.length < roomIn(radio.limits.channelsPerZone));
  const zone = zones.find((one) => one.channelIds.includes(channel.id)) ?? zones[0];
  if (!zone || codeplug.channels.order.length >= roomIn(radio.limits.channels)) return [];
  if (!radioTunes(radio, site.txHz) || !radioTunes(radio, site.rxHz)) return [];
  const { id, patches } = addedChannel(plan, radio, codeplug, {
    base: `ch-${values.name.toLowerCase().replace(/[^a-z0-9]+/g, '-')}`,
    name: values.name,
    power: onRadio(radio, usualPower(site)),
    site,
    values,
    destination,
  });
  const place = toPointer(['codeplugs', radio.id, 'zones', 'byId', zone.id, 'channelIds', '-']);
  return [...patches, { op: 'add', path: place, value: id }];
}
