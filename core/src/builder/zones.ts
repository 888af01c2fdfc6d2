/** Repeaters → channels and zones of one radio, up to what it holds. What is there already is used, not made again. */
import { newZone } from '../plan/create';
import { destinationKey } from '../plan/destination-key';
import { freeId, putRow, rows } from '../plan/table';
import type { Channel, Destination, Id, ModeId, Plan, Site, Zone } from '../plan/types';
import { furnished, type Work, workOn } from './build';
import type { BuildModes } from './mode-build';
import { nameFitter, type NameWish } from '../codeplug/names';
import { nameRoom, nameRules, roomIn } from '../codeplug/room';

export interface ZoneRequest {
  radioId: Id;
  /** In the order in which the channels are to come. */
  siteIds: readonly Id[];
  /** Of the zone; further zones bear the name of their first site as well. */
  name: string;
}

export interface ZoneReport {
  added: number;
  /** Channels that the radio had already. */
  reused: number;
  zones: string[];
  /** Sites or groups that got no channel, and why. */
  skipped: { name: string; why: string }[];
}

interface Spot {
  site: Site;
  mode: ModeId;
  destination: Destination;
  /** `Hask Head Hask Wide`, else `Hask Head 417`: in a zone of repeaters the site comes first. */
  wish: NameWish;
}

/** What a repeater is worth a channel for, mode by mode; what is missing is told. */
function spotsOf(
  plan: Plan,
  modes: BuildModes,
  site: Site,
  nameLength: number,
  skipped: ZoneReport['skipped'],
): Spot[] {
  const spots: Spot[] = [];
  for (const { id: mode, name: modeName, build } of Object.values(modes)) {
    if (site[mode] === null) continue;
    const found = build.worthAChannel(plan, site);
    skipped.push(...found.missing.map((why) => ({ name: site.name, why })));
    for (const { destination, name, short } of found.destinations) {
      const [whole, shorter] = [name, short].map((one) => [site.name, one].filter(Boolean).join(' '));
      spots.push({
        site,
        mode,
        destination,
        wish: { name: whole!.length <= nameLength ? whole! : shorter!, qualifier: name === '' ? modeName : '' },
      });
    }
  }
  return spots;
}

const keyOf = (siteId: Id | null, destination: Destination) => `${siteId} ${destinationKey(destination)}`;

/** Builds in a plain copy or a draft whose rows may be written to. @throws Error for an unknown radio */
export function buildZones(plan: Plan, modes: BuildModes, { radioId, siteIds, name }: ZoneRequest): ZoneReport {
  const radio = plan.radios.byId[radioId];
  if (!radio) throw new Error(`The plan has no radio “${radioId}”.`);
  const work: Work = workOn(plan, modes, radio, [], () => true);
  const { codeplug } = work;
  const report: ZoneReport = { added: 0, reused: 0, zones: [], skipped: [] };
  const present = new Map(
    rows(codeplug.channels).flatMap((channel) =>
      channel.destination ? [[keyOf(channel.siteId, channel.destination), channel.id] as const] : [],
    ),
  );
  const channelName = nameFitter(
    nameRules(plan, radio),
    rows(codeplug.channels).map((channel) => channel.name),
  );
  const zoneName = nameFitter(
    nameRules(plan, radio),
    rows(codeplug.zones).map((zone) => zone.name),
  );
  let zone: Zone | null = null;
  for (const siteId of siteIds) {
    const site = plan.sites.byId[siteId];
    if (!site) continue;
    for (const spot of spotsOf(plan, modes, site, nameRoom(radio), report.skipped)) {
      const skip = (why: string) => void report.skipped.push({ name: spot.wish.name, why });
      const mode = modes[spot.mode];
      if (radio[spot.mode] === null) {
        skip(`${radio.name} has no ${mode.name}`);
        continue;
      }
      if (!zone || zone.channelIds.length >= roomIn(radio.limits.channelsPerZone)) {
        if (codeplug.zones.order.length >= roomIn(radio.limits.zones)) {
          skip(`${radio.name} holds ${radio.limits.zones} zones, and they are full`);
          continue;
        }
        // Where one zone does not hold them all, each further one says where it begins.
        const nameOfIt = zoneName({ name, qualifier: site.name });
        zone = newZone(
          freeId('zn-sites', (id) => id in codeplug.zones.byId),
          nameOfIt,
          [],
        );
      }
      const key = keyOf(site.id, spot.destination);
      let channelId = present.get(key);
      if (channelId === undefined) {
        if (codeplug.channels.order.length >= roomIn(radio.limits.channels)) {
          skip(`${radio.name} holds ${radio.limits.channels} channels, and they are full`);
          continue;
        }
        channelId = addSpot(work, spot, channelName(spot.wish));
        present.set(key, channelId);
        report.added += 1;
      } else if (zone.channelIds.includes(channelId)) continue;
      else report.reused += 1;
      zone.channelIds.push(channelId);
      if (!(zone.id in codeplug.zones.byId)) {
        putRow(codeplug.zones, zone);
        report.zones.push(zone.name);
      }
    }
  }
  return report;
}

function addSpot(work: Work, { site, mode, destination }: Spot, name: string): Id {
  const { channels } = work.codeplug;
  const drafts = work.modes[mode].build.channels(work.plan, site, destination);
  const draft = drafts.find((one) => destinationKey(one.destination) === destinationKey(destination)) ?? drafts[0]!;
  const values = { ...furnished(work, draft, null), name };
  const id = freeId(
    `ch-${site.id}-${'groupId' in destination ? destination.groupId : mode}`.slice(0, 50),
    (taken) => taken in channels.byId,
  );
  // Not the builder's: no want stands behind it, so building does not take it away.
  putRow(channels, {
    id,
    siteId: site.id,
    destination,
    purpose: null,
    wantId: null,
    ...values,
    built: null,
  } as Channel);
  return id;
}
