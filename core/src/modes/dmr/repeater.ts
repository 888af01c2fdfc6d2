/** What a repeater makes of a channel's call, pair by pair, and what it is worth wanting. */
import { fact, mustEqual, noted, unsaid } from '../../path/fact';
import type { Fact, PathContext } from '../../path/types';
import { networkIdOf } from '../../plan/networks';
import { rows } from '../../plan/table';
import type { Destination, Plan, Site } from '../../plan/types';
import type { WorthAChannel } from '../../builder/mode-build';
import { carriageOf, listed, slotFor, slotsOf } from './carriage';
import { callFor, type DestinationCall, whatIsAt } from './links';
import type { DmrCarriage, GroupCategory } from '../../plan/modes/dmr/types';
import { dmrNetwork, groupOfNumber, likelyNetwork } from './networks';

/** Groups that tie a repeater up for many when one station keys them there. Common practice. */
const WIDE: readonly GroupCategory[] = ['nation', 'world'];

/** The slot pair of a repeater: a group that it has on the other slot only is not heard on this one. */
export function slotFact(context: PathContext<'dmr'>, carriage: DmrCarriage): Fact {
  const { slot } = context.channel.dmr;
  const { slots, binds } = listed(context, carriage);
  return fact(
    'slot',
    slot,
    !binds || slots.length === 0 || slots.includes(slot) ? slot : slots[0]!,
    !binds || slots.length === 0 || slots.includes(slot),
  );
}

/** What a repeater says of a call: the slot of its group, whether it carries it, and its network. */
export function carriageFacts(context: PathContext<'dmr'>, carriage: DmrCarriage): Fact[] {
  const { channel } = context;
  const { slots, binds } = listed(context, carriage);
  const wanted = networkIdOf(channel.destination);
  const facts: Fact[] = [];
  if (carriage.networkId === null) facts.push(unsaid('site-network', wanted));
  else
    facts.push(
      fact(
        'site-network',
        carriage.networkId,
        wanted ?? carriage.networkId,
        wanted === null || wanted === carriage.networkId,
      ),
    );
  if (!binds) return facts;
  const { number } = channel.dmr.call;
  // A list seldom names every group that is taken up when keyed.
  if (slots.length === 0 && carriage.takesOthers === null) return [...facts, unsaid('group-carried', number)];
  const carried = slots.length > 0 || carriage.takesOthers === true;
  return [...facts, fact('group-carried', carried ? number : null, number, carried)];
}

/** What is called, held against what is meant; and whether it is fit for a repeater that many share. */
export function repeaterNetworkFacts(
  context: PathContext<'dmr'>,
  carriage: DmrCarriage,
  wanted: DestinationCall | null,
): Fact[] {
  const { index, channel, network } = context;
  const { call, slot } = channel.dmr;
  const facts: Fact[] = [];
  if (wanted)
    facts.push(mustEqual('number', call.number, wanted.number), mustEqual('call-kind', call.kind, wanted.kind));
  if (!network || call.kind !== 'group') return facts;
  if (!wanted && whatIsAt(index, network.id, call.kind, call.number) === null)
    facts.push(noted('group', call.number, { rule: 'in directory', networkId: network.id }));
  const group = groupOfNumber(index, network.id, call.number);
  // What its keeper has bound to the slot is the keeper's choice.
  const bound = carriage.groups.some((one) => one.number === call.number && (one.slot ?? slot) === slot && one.static);
  if (group)
    facts.push(fact('wide-area', group.category, { rule: 'any' }, bound || !WIDE.includes(group.category), 'doubtful'));
  return facts;
}

/** A hotspot offers what its networks have; a repeater the groups it carries, each on its slot. */
export function offer(plan: Plan, site: Site, destination: Destination): string | null {
  const call = callFor(plan, destination);
  if (!call || !site.dmr) return null;
  if (destination.kind === 'local') return site.kind === 'repeater' ? '' : null;
  const carriage = carriageOf(site);
  if (!carriage) return site.kind === 'hotspot' ? '' : null;
  if (carriage.networkId === null) return 'network not said';
  if (carriage.networkId !== networkIdOf(destination)) return null;
  // What the network answers itself, and a station, is called on either slot.
  if (destination.kind !== 'group') return '';
  const [slot] = slotsOf(carriage, call.number);
  if (slot === undefined)
    return carriage.takesOthers === false ? null : carriage.takesOthers ? 'when keyed' : 'not said';
  return slotFor(site, call.kind, call.number) === undefined ? 'slot not said' : `slot ${slot}`;
}

/** The groups a repeater carries that its network's directory names, slot by slot, the static ones first. */
export function worthAChannel(plan: Plan, site: Site): WorthAChannel {
  const carriage = carriageOf(site);
  // Where nobody has said the network, the one that knows its groups is a guess; the path says so.
  const networkId = carriage && (carriage.networkId ?? likelyNetwork(plan, carriage.groups)?.id ?? null);
  const network = dmrNetwork(plan, networkId);
  if (!carriage || !network)
    return {
      destinations: [],
      missing: [site.kind === 'hotspot' ? 'a hotspot’s channels come from wants' : 'its network is not said'],
    };
  if (carriage.groups.length === 0) return { destinations: [], missing: ['no group is listed for it'] };
  const directory = new Map(rows(network.groups).map((group) => [group.number, group]));
  const inOrder = [
    ...new Set(
      [...carriage.groups]
        .sort((a, b) => Number(b.static) - Number(a.static) || (a.slot ?? 0) - (b.slot ?? 0) || a.number - b.number)
        .map((one) => one.number),
    ),
  ];
  return {
    destinations: inOrder.flatMap((number) => {
      const group = directory.get(number);
      return group
        ? [
            {
              destination: { mode: 'dmr' as const, kind: 'group' as const, networkId: network.id, groupId: group.id },
              name: group.name,
              short: String(number),
            },
          ]
        : [];
    }),
    missing: inOrder
      .filter((number) => !directory.has(number))
      .map((number) => `group ${number} is not in the directory of ${network.name}`),
  };
}
