import { linkKey, type WayOfChannel, wayOfChannel } from '../codeplug/way-out';
import { roomIn } from '../codeplug/room';
import { isBuiltZone } from '../plan/built-zone';
import { rows } from '../plan/table';
import type { PlanIndex } from '../path/types';
import type { Id } from '../plan/types';
import { defineCheck } from './check';
import { eachCodeplug } from './walk';

function waysIn(index: PlanIndex): Map<Id, Map<Id, WayOfChannel>> {
  const byRadio = new Map<Id, Map<Id, WayOfChannel>>();
  for (const way of index.eachPath(wayOfChannel)) {
    if (!way) continue;
    let mine = byRadio.get(way.radioId);
    if (!mine) byRadio.set(way.radioId, (mine = new Map<Id, WayOfChannel>()));
    mine.set(way.channelId, way);
  }
  return byRadio;
}

export const zoneWithoutWayOut = defineCheck({
  id: 'zone-without-way-out',
  severity: 'note',
  title: 'Zone without a way out',
  docs: {
    summary:
      'A zone that somebody made has channels through a hotspot, and what leaves a link there is in another zone.',
    why: 'Whoever wants to leave a busy link looks for the way out first, and has to change zones for it.',
    remedy: 'Put the way out into the zone as well; a channel may be in several.',
    source: { kind: 'common practice', name: 'the way out within reach of what is linked' },
  },
  messages: { elsewhere: 'Zone {zone} uses {site}; what leaves a link there, {channel}, is in another zone.' },
  fixes: { add: 'Also put {channel} into {zone}' },
  check(index, report) {
    const byRadio = waysIn(index);
    eachCodeplug(index.plan, (radio, codeplug, pointer) => {
      const ways = byRadio.get(radio.id);
      if (!ways) return;
      const outs = new Map<string, WayOfChannel>();
      for (const way of ways.values()) if (way.leaves && !outs.has(linkKey(way))) outs.set(linkKey(way), way);
      // Without one in the radio another check speaks; in no zone, too.
      const zonesOf = index.zonesOf(radio.id);
      for (const zone of rows(codeplug.zones)) {
        if (isBuiltZone(zone.id)) continue;
        const here = zone.channelIds.flatMap((id) => ways.get(id) ?? []);
        const left = new Set(here.filter(({ leaves }) => leaves).map(linkKey));
        for (const place of new Set(here.filter(({ talks }) => talks).map(linkKey))) {
          const out = outs.get(place);
          if (left.has(place) || !out || !zonesOf.has(out.channelId)) continue;
          const hasRoom = zone.channelIds.length < roomIn(radio.limits.channelsPerZone);
          const at = `${pointer}/zones/byId/${zone.id}/channelIds`;
          report({
            message: 'elsewhere',
            data: { zone: zone.name, site: out.siteName, channel: out.name },
            pointer: at,
            subject: { radioId: radio.id },
            fixes: hasRoom ? [{ id: 'add', patches: [{ op: 'add', path: `${at}/-`, value: out.channelId }] }] : [],
          });
        }
      }
    });
  },
});
