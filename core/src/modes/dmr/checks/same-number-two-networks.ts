import { shortenName } from '../../../codeplug/names';
import { defineCheck } from '../../../checks/check';
import { eachCodeplug, set } from '../../../checks/walk';
import { networkIdOf } from '../../../plan/networks';
import { rows } from '../../../plan/table';
import type { Channel } from '../../../plan/types';
import { callFor } from '../links';

/** The name as the ear has it: without case and without a count at its end. */
function spoken(name: string): string {
  return name
    .toLowerCase()
    .replace(/[\s\d]+$/, '')
    .replace(/\s+/g, ' ');
}

export const sameNumberTwoNetworks = defineCheck({
  id: 'same-number-two-networks',
  severity: 'doubtful',
  title: 'The same group number on two networks, under one name',
  docs: {
    summary: 'A radio has channels to the same group number on two networks, and their names do not tell them apart.',
    why: 'They are different groups with different people; picking the wrong one is a matter of time.',
    remedy: 'Put the network into the name of one of them.',
    source: { kind: 'common practice', name: 'group numbers are per network' },
  },
  messages: {
    alike: 'Channels “{name}” and “{other}” of {radio} call group {number} on {network} and on {otherNetwork}.',
  },
  fixes: { rename: 'Call it “{fresh}”' },
  check(index, report) {
    const { plan } = index;
    eachCodeplug(plan, (radio, codeplug, pointer) => {
      if (new Set(rows(codeplug.channels).map((channel) => networkIdOf(channel.destination))).size < 2) return;
      const first = new Map<string, Channel>();
      const taken = new Set(rows(codeplug.channels).map((channel) => channel.name));
      for (const channel of rows(codeplug.channels)) {
        if (channel.destination?.mode !== 'dmr' || channel.destination.kind !== 'group') continue;
        const { number } = callFor(plan, channel.destination)!;
        const key = `${number} ${spoken(channel.name)}`;
        const other = first.get(key);
        if (!other) first.set(key, channel);
        if (!other || networkIdOf(other.destination) === channel.destination.networkId) continue;
        const nameOf = (one: Channel) => plan.networks.byId[networkIdOf(one.destination)!]!.name;
        const fresh = shortenName(`${channel.name.replace(/\s*\d+$/, '')} ${nameOf(channel)}`, radio.limits.nameLength);
        const at = `${pointer}/channels/byId/${channel.id}/name`;
        const fixes =
          taken.has(fresh) || spoken(fresh) === spoken(other.name)
            ? []
            : [{ id: 'rename' as const, data: { fresh }, patches: [set(at, fresh)] }];
        report({
          message: 'alike',
          data: {
            name: other.name,
            other: channel.name,
            radio: radio.name,
            number,
            network: nameOf(other),
            otherNetwork: nameOf(channel),
          },
          pointer: at,
          subject: { radioId: radio.id, channelId: channel.id },
          fixes,
        });
      }
    });
  },
});
