import { newZone } from '../plan/create';
import { shortenName } from '../codeplug/names';
import { rows } from '../plan/table';
import { defineCheck } from './check';
import { eachCodeplug } from './walk';
import { nameRules, roomIn } from '../codeplug/room';

export const zoneOverCapacity = defineCheck({
  id: 'zone-over-capacity',
  severity: 'broken',
  title: 'Zone over capacity',
  docs: {
    summary: 'A zone holds more channels than the radio allows in one.',
    why: 'The radio refuses the codeplug or drops the channels at the end.',
    remedy: 'Move channels to another zone.',
  },
  messages: { over: 'Zone {zone} has {has} channels; {radio} holds {expects} in a zone.' },
  fixes: { split: 'Move the last {count} to a new zone' },
  check(index, report) {
    eachCodeplug(index.plan, (radio, codeplug, pointer) => {
      const limit = roomIn(radio.limits.channelsPerZone);
      const rules = nameRules(index.plan, radio);
      for (const zone of rows(codeplug.zones)) {
        if (zone.channelIds.length <= limit) continue;
        const rest = zone.channelIds.slice(limit);
        const id = `${zone.id}-more`;
        const fits =
          rest.length <= limit &&
          codeplug.zones.order.length < roomIn(radio.limits.zones) &&
          !(id in codeplug.zones.byId);
        const name = `${shortenName(zone.name, { ...rules, length: rules.length - 2 })} +`;
        const patches = [
          {
            op: 'replace' as const,
            path: `${pointer}/zones/byId/${zone.id}/channelIds`,
            value: zone.channelIds.slice(0, limit),
          },
          { op: 'add' as const, path: `${pointer}/zones/byId/${id}`, value: newZone(id, name, rest) },
          {
            op: 'add' as const,
            path: `${pointer}/zones/order/${codeplug.zones.order.indexOf(zone.id) + 1}`,
            value: id,
          },
        ];
        report({
          message: 'over',
          data: { zone: zone.name, has: zone.channelIds.length, expects: limit, radio: radio.name, count: rest.length },
          pointer: `${pointer}/zones/byId/${zone.id}/channelIds`,
          subject: { radioId: radio.id },
          fixes: fits ? [{ id: 'split', patches }] : [],
        });
      }
    });
  },
});
