import { newZone } from '../plan/create';
import { nameFitter, type NameRules } from '../codeplug/names';
import { freeId, rows } from '../plan/table';
import type { Codeplug, Id, Zone } from '../plan/types';
import { defineCheck } from './check';
import { channelNames, eachCodeplug } from './walk';
import { nameRules, roomIn } from '../codeplug/room';

/** The press that makes a zone for channels that have none. */
function zoneFix(pointer: string, codeplug: Codeplug, channel: { id: Id }, zones: readonly Zone[], rules: NameRules) {
  const id = freeId('zone', (taken) => taken in codeplug.zones.byId);
  const fit = nameFitter(
    rules,
    zones.map((zone) => zone.name),
  );
  const zone: Zone = newZone(id, fit({ name: 'Channels', qualifier: '' }), [channel.id]);
  return {
    id: 'zone' as const,
    data: { zone: zone.name },
    patches: [
      { op: 'add' as const, path: `${pointer}/zones/byId/${id}`, value: zone },
      { op: 'add' as const, path: `${pointer}/zones/order/-`, value: id },
    ],
  };
}

export const channelInNoZone = defineCheck({
  id: 'channel-in-no-zone',
  severity: 'doubtful',
  title: 'Channel in no zone',
  docs: {
    summary: 'A channel belongs to no zone.',
    why: 'Most radios reach channels only through zones: this one cannot be selected.',
    remedy: 'Put the channel into a zone.',
    source: { kind: 'common practice', name: 'zones are how radios offer channels' },
  },
  messages: { none: 'Channel {channel} is in none of {count} zones; expected in one.' },
  fixes: { add: 'Add it to {zone}', zone: 'Make a zone {zone} for it' },
  check(index, report) {
    eachCodeplug(index.plan, (radio, codeplug, pointer) => {
      const zonesOf = index.zonesOf(radio.id);
      const zones = rows(codeplug.zones);
      for (const channel of channelNames(index, radio.id)) {
        if (zonesOf.has(channel.id)) continue;
        const room = zones.find((zone) => zone.channelIds.length < roomIn(radio.limits.channelsPerZone));
        const fixes = room
          ? [
              {
                id: 'add' as const,
                data: { zone: room.name },
                patches: [
                  { op: 'add' as const, path: `${pointer}/zones/byId/${room.id}/channelIds/-`, value: channel.id },
                ],
              },
            ]
          : roomIn(radio.limits.zones) > zones.length
            ? [zoneFix(pointer, codeplug, channel, zones, nameRules(index.plan, radio))]
            : [];
        report({
          message: 'none',
          data: { channel: channel.name, count: zones.length },
          pointer: `${pointer}/channels/byId/${channel.id}`,
          subject: { radioId: radio.id, channelId: channel.id },
          fixes,
        });
      }
    });
  },
});
