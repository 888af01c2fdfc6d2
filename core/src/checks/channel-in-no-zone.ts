import { rows } from '../plan/table';
import { defineCheck } from './check';
import { eachCodeplug } from './walk';

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
  fixes: { add: 'Add it to {zone}' },
  check(index, report) {
    eachCodeplug(index.plan, (radio, codeplug, pointer) => {
      const zonesOf = index.zonesOf(radio.id);
      const zones = rows(codeplug.zones);
      for (const channel of rows(codeplug.channels)) {
        if (zonesOf.has(channel.id)) continue;
        const room = zones.find((zone) => zone.channelIds.length < radio.limits.channelsPerZone);
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
