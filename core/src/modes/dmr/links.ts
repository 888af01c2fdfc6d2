/** Where a hotspot's gateway sends a DMR call, and what waits there. */
import { eachDestination, networkIdOf, networkName } from '../../plan/networks';
import type { ArrivalOf, CallKind, Destination, Id, Plan } from '../../plan/types';
import { isOwnId } from '../../plan/station';
import { rows } from '../../plan/table';
import { carriageOf, passes } from './carriage';
import type { ArrivalWords } from '../../path/mode-path';
import type { PathContext, PlanIndex } from '../../path/types';
import type { DestinationInfo } from '../../builder/mode-build';
import { countryOfId, formatId, isStationId } from './addresses';
import { type Call, forward, numberFor, outThrough, type RouteTable, tableOfProfile } from './routes/table';
import { LOCAL_GROUP } from '../../plan/modes/dmr/limits';
import { SPECIAL_NAMES } from '../../plan/modes/dmr/limits';
import type { DmrArrival, RouteRule, SpecialName } from '../../plan/modes/dmr/types';
import { type DmrNetwork, dmrNetwork, dmrNetworks, groupOfNumber } from './networks';

export const SPECIAL_TITLES: Readonly<Record<SpecialName, string>> = {
  unlink: 'Unlink',
  echo: 'Echo',
  status: 'Status',
  position: 'Position reports',
};

export const LOCAL: DestinationInfo = {
  destination: { mode: 'dmr', kind: 'local' },
  name: 'DMR, whoever hears the repeater',
  address: `group ${LOCAL_GROUP}`,
  category: 'local',
  use: 'talk',
};

/** Talk groups first, in the directory's order, then the network's special numbers. */
export function destinations(network: DmrNetwork): DestinationInfo[] {
  return [
    ...rows(network.groups).map((group): DestinationInfo => ({
      destination: { mode: 'dmr', kind: 'group', networkId: network.id, groupId: group.id },
      name: group.name,
      address: `group ${group.number}`,
      category: group.category,
      use: 'talk',
    })),
    ...SPECIAL_NAMES.flatMap((special): DestinationInfo[] => {
      const known = network.special[special];
      if (!known) return [];
      return [
        {
          destination: { mode: 'dmr', kind: 'special', networkId: network.id, special },
          name: `${SPECIAL_TITLES[special]} ${network.name}`,
          address: `${known.kind} ${known.number}`,
          category: 'service',
          use: 'service',
        },
      ];
    }),
  ];
}

/** Somebody's own radio, called privately through a network. */
function stationInfo(networkId: Id, number: number): DestinationInfo {
  return {
    destination: { mode: 'dmr', kind: 'station', networkId, number },
    name: stationName(number),
    address: `private ${number}`,
    category: 'station',
    use: 'talk',
  };
}

const stationName = (number: number) => `Station ${formatId(number)}`;

/** Whoever hears a repeater, and every station that something already calls. */
export function withoutNetwork(plan: Plan): DestinationInfo[] {
  const found = new Map<string, DestinationInfo>();
  eachDestination(plan, (to) => {
    if (to.mode === 'dmr' && to.kind === 'station')
      found.set(`${to.networkId} ${to.number}`, stationInfo(to.networkId, to.number));
  });
  return [LOCAL, ...found.values()];
}

/**
 * An ID of seven digits, `999 2418` or `private 9992418`: its holder, through each DMR network. One's own is nobody
 * to call.
 */
export function typed(plan: Plan, text: string): DestinationInfo[] {
  const found = /^(?:private\s+)?(\d[\d ]*)$/i.exec(text.trim());
  const number = Number(found?.[1]?.replace(/ /g, '') ?? NaN);
  if (!isStationId(number) || isOwnId(plan, number)) return [];
  return dmrNetworks(plan).map((network) => stationInfo(network.id, number));
}

export interface DestinationCall {
  kind: CallKind;
  /** On the network. */
  number: number;
  name: string;
}

/** The call that a destination answers to on its network, `null` when the plan has no such destination. */
export function callFor(plan: Plan, destination: Destination): DestinationCall | null {
  if (destination.mode !== 'dmr' || destination.kind === 'recall') return null;
  if (destination.kind === 'local') return { kind: 'group', number: LOCAL_GROUP, name: 'Local' };
  const network = dmrNetwork(plan, destination.networkId);
  if (!network) return null;
  if (destination.kind === 'station')
    return { kind: 'private', number: destination.number, name: stationName(destination.number) };
  if (destination.kind === 'special') {
    const special = network.special[destination.special];
    return special && { ...special, name: `${SPECIAL_TITLES[destination.special]} ${network.name}` };
  }
  const group = network.groups.byId[destination.groupId];
  return group ? { kind: 'group', number: group.number, name: group.name } : null;
}

const tableAt = (index: PlanIndex, siteId: Id): RouteTable => tableOfProfile(index.plan, index.profile(siteId)!);

/** The routes of a hotspot, made once per version of a plan. */
export function routesOf(index: PlanIndex, siteId: Id): RouteTable {
  return index.look(tableAt, siteId);
}

/** What a number is on a network, `null` when nothing is known of it. */
export function whatIsAt(index: PlanIndex, networkId: Id, kind: CallKind, number: number): string | null {
  const network = dmrNetwork(index.plan, networkId)!;
  const special = SPECIAL_NAMES.find(
    (name) => network.special[name]?.number === number && network.special[name]?.kind === kind,
  );
  if (special) return `${SPECIAL_TITLES[special]} ${network.name}`;
  const group = kind === 'group' ? groupOfNumber(index, networkId, number) : undefined;
  if (group) return group.name;
  // Registries also give IDs outside the country codes: a station whose country is not known is one all the same.
  if (!isStationId(number)) return null;
  if (kind === 'private') return `station ${formatId(number)}`;
  return network.personalGroups && countryOfId(number) !== null ? `personal group ${formatId(number)}` : null;
}

/** The call that a channel makes: kind, slot and number. */
export function callOf({ channel }: Pick<PathContext<'dmr'>, 'channel'>): Call {
  const { call, slot } = channel.dmr;
  return { kind: call.kind, slot, number: call.number };
}

/** A number on a network, for people. */
export function arrivalWords(index: PlanIndex, { networkId, kind, number }: DmrArrival): ArrivalWords {
  if (networkId === null) return { address: `local, ${kind} ${number}`, short: 'local', name: null };
  return { address: `${kind} ${number}`, short: String(number), name: whatIsAt(index, networkId, kind, number) };
}

/**
 * Where the call of a channel comes out: by the rules of a hotspot, or what a repeater carries; `null` when
 * nowhere.
 */
export function route(context: PathContext<'dmr'>): ArrivalOf<'dmr'> | null {
  const { index, profile, site } = context;
  if (!site) return null;
  const call = callOf(context);
  const carriage = carriageOf(site);
  const { kind, number } = call;
  if (isLocalCall(context)) return { mode: 'dmr', networkId: null, kind, number };
  if (carriage) {
    // Where nobody has said the network, the one that is meant is as good as any.
    const networkId = carriage.networkId ?? networkIdOf(context.channel.destination);
    return networkId !== null && passes(context, carriage) ? { mode: 'dmr', networkId, kind, number } : null;
  }
  if (!profile) return null;
  const routed = forward(routesOf(index, site.id), call);
  return routed && { mode: 'dmr', networkId: routed.networkId, kind: routed.kind, number: routed.number };
}

/** Whether a call stays at its repeater: as it is meant, or by the number that none carries on. */
export function isLocalCall({ site, channel }: Pick<PathContext<'dmr'>, 'site' | 'channel'>): boolean {
  const { destination, dmr } = channel;
  if (site?.kind !== 'repeater') return false;
  if (destination) return destination.kind === 'local';
  const named = carriageOf(site)?.groups.some((one) => one.number === LOCAL_GROUP && one.static) ?? false;
  return dmr.call.kind === 'group' && dmr.call.number === LOCAL_GROUP && !named;
}

/** What the routes of the site make of a channel's call, held against where it is meant to go. */
export type RouteVerdict =
  | { is: 'right' }
  /** No rule takes the call. */
  | { is: 'stops' }
  /** An earlier rule takes it; a later one would have led it right. */
  | { is: 'taken'; by: RouteRule; right: RouteRule }
  /** Another number, or another kind of call, leads there. */
  | { is: 'misdialled'; expects: number }
  /** The network is not logged in. */
  | { is: 'not carried' }
  /** The network is logged in, but the hotspot uses another. */
  | { is: 'other network' }
  /** No number leads there. */
  | { is: 'unreachable' };

const judged = new WeakMap<PathContext<'dmr'>, RouteVerdict>();

/** Several hops ask, so each context is judged once. */
export function judgeRoute(context: PathContext<'dmr'>): RouteVerdict {
  const known = judged.get(context);
  if (known) return known;
  const verdict = judge(context);
  judged.set(context, verdict);
  return verdict;
}

function judge(context: PathContext<'dmr'>): RouteVerdict {
  const { index, site, profile, channel, arrives } = context;
  if (!site || !profile || context.recalls || channel.destination?.kind === 'recall') return { is: 'right' };
  const table = routesOf(index, site.id);
  const { destination } = channel;
  const wanted = destination ? callFor(index.plan, destination) : null;
  const wantedId = networkIdOf(destination);
  if (!wantedId || !wanted) return arrives || table.networkIds.length === 0 ? { is: 'right' } : { is: 'stops' };
  const isWanted = (one: { networkId: Id | null; kind: CallKind; number: number }) =>
    one.networkId === wantedId && one.kind === wanted.kind && one.number === wanted.number;
  if (arrives && isWanted(arrives)) return { is: 'right' };
  // No network at all is the login’s to tell.
  if (table.networkIds.length === 0) return { is: 'right' };
  if (!table.networkIds.includes(wantedId)) return { is: 'not carried' };
  const call = callOf(context);
  const claimants = table.selection === 'several' ? table.compiled[call.kind][call.slot] : null;
  const right = claimants?.rules.find(
    (rule, at) =>
      call.number >= claimants.first[at]! && call.number <= claimants.last[at]! && isWanted(outThrough(rule, call)),
  );
  if (right) return { is: 'taken', by: forward(table, call)!.rule!, right };
  const expects = numberFor(table, wantedId, wanted.kind, wanted.number, call.slot);
  if (expects !== null) return { is: 'misdialled', expects };
  if (table.selection === 'one') return { is: 'other network' };
  return arrives ? { is: 'unreachable' } : { is: 'stops' };
}

/** The number that a channel calls, with the network’s where that is another: `1000417 (Lantern 417)`. */
export function calledNumber({
  index,
  channel,
  arrives,
}: Pick<PathContext<'dmr'>, 'index' | 'channel' | 'arrives'>): string {
  const { number } = channel.dmr.call;
  return arrives && arrives.number !== number
    ? `${number} (${networkName(index.plan, arrives.networkId)} ${arrives.number})`
    : String(number);
}

/** Where a call ends up, in words: network, kind, number and name. */
export function placeWords(index: PlanIndex, arrival: DmrArrival): string {
  const { address, name } = arrivalWords(index, arrival);
  return `${networkName(index.plan, arrival.networkId)}, ${address}${name === null ? ' (nothing is known there)' : `, ${name}`}`;
}
