import { shortenName } from '../../../codeplug/names';
import { defineCheck } from '../../../checks/check';
import { channelNames, eachCodeplug, type NamedChannel, set } from '../../../checks/walk';
import type { TracedPath } from '../../../path/types';
import type { Destination, Id } from '../../../plan/types';
import { callFor } from '../links';
import { nameRules } from '../../../codeplug/room';

/** The name as the ear has it: without case and without a count at its end. */
function spoken(name: string): string {
  return name
    .toLowerCase()
    .replace(/[\s\d]+$/, '')
    .replace(/\s+/g, ' ');
}

interface GroupChannel extends NamedChannel {
  networkId: Id;
  destination: Destination;
}

/** A channel that is meant for a talk group; `null` for others. */
function groupOf({ path, context: { channel } }: TracedPath): GroupChannel | null {
  const { destination, name } = channel;
  if (destination?.mode !== 'dmr' || destination.kind !== 'group') return null;
  return { radioId: path.radioId, id: path.channelId, name, networkId: destination.networkId, destination };
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
    const all = index.ofPaths(groupOf);
    eachCodeplug(plan, (radio, _, pointer) => {
      const mine = all.filter((one) => one?.radioId === radio.id) as GroupChannel[];
      if (new Set(mine.map((one) => one.networkId)).size < 2) return;
      const first = new Map<string, GroupChannel>();
      const taken = new Set(channelNames(index, radio.id).map((channel) => channel.name));
      for (const channel of mine) {
        const { number } = callFor(plan, channel.destination)!;
        const key = `${number} ${spoken(channel.name)}`;
        const other = first.get(key);
        if (!other) first.set(key, channel);
        if (!other || other.networkId === channel.networkId) continue;
        const nameOf = (one: GroupChannel) => plan.networks.byId[one.networkId]!.name;
        const fresh = shortenName(
          `${channel.name.replace(/\s*\d+$/, '')} ${nameOf(channel)}`,
          nameRules(index.plan, radio),
        );
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
