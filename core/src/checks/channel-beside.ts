/** Another channel beside one that a radio has: what the mends use that find a channel missing. */
import { radioTunes } from '../path/common-facts';
import { nameFitter } from '../codeplug/names';
import { type Patch, toPointer } from '../plan/patches';
import { freeId, rows } from '../plan/table';
import type { Channel, ChannelValues, Codeplug, Destination, Radio, Site } from '../plan/types';

export interface Beside {
  site: Site;
  /** What it holds; its name is fitted to the radio, and its power to the site. */
  values: ChannelValues;
  destination: Destination;
}

/** The patches that add a channel through a site, in the zone of another channel; empty where the radio has no room for it, or does not tune the site. */
export function channelBeside(radio: Radio, codeplug: Codeplug, channel: Channel, beside: Beside): Patch[] {
  const { site, values, destination } = beside;
  const channels = rows(codeplug.channels);
  const zones = rows(codeplug.zones).filter((one) => one.channelIds.length < radio.limits.channelsPerZone);
  const zone = zones.find((one) => one.channelIds.includes(channel.id)) ?? zones[0];
  if (!zone || channels.length >= radio.limits.channels) return [];
  if (!radioTunes(radio, site.txHz) || !radioTunes(radio, site.rxHz)) return [];
  const base = `ch-${values.name.toLowerCase().replace(/[^a-z0-9]+/g, '-')}`;
  const id = freeId(base, (taken) => taken in codeplug.channels.byId);
  const fit = nameFitter(
    radio.limits.nameLength,
    channels.map((one) => one.name),
  );
  const added = {
    ...values,
    id,
    name: fit({ name: values.name, qualifier: site.name }),
    power: site.kind === 'hotspot' ? 'low' : 'high',
    siteId: site.id,
    destination,
    purpose: null,
    wantId: null,
    built: null,
  };
  const at = (...path: string[]) => toPointer(['codeplugs', radio.id, ...path]);
  return [
    { op: 'add', path: at('channels', 'byId', id), value: added },
    { op: 'add', path: at('channels', 'order', '-'), value: id },
    { op: 'add', path: at('zones', 'byId', zone.id, 'channelIds', '-'), value: id },
  ];
}
