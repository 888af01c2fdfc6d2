/** Where a D-STAR call goes: what a site is linked to, what its gateway makes of UR, and what waits there. */
import type { ArrivalWords, ModePath } from '../../path/mode-path';
import type { PathContext, PlanIndex } from '../../path/types';
import { busyLinks } from '../../path/standing';
import { stateOf } from '../../path/world';
import { listensFor } from '../../plan/carriage';
import { eachDestination, networkOf, networksOf } from '../../plan/networks';
import { profilePointer } from '../../plan/profiles';
import { rows } from '../../plan/table';
import type { ArrivalOf, Destination, Id, NetworkOf, Plan, Site } from '../../plan/types';
import type { DestinationInfo } from '../../builder/mode-build';
import { type Command, readCommand, REFLECTOR, withModule, writeCommand } from './addresses';
import { leaves } from './access';
import { isDstar } from './channel';
import { COMMAND_NAMES, DIRECT_FIELD } from '../../plan/modes/dstar/limits';
import { hears, reachesFamily } from './link';
import type {
  CommandName,
  DstarArrival,
  DstarSiteFields,
  LinkState,
  ListedReflector,
  Reflector,
} from '../../plan/modes/dstar/types';

export type Family = NetworkOf<'dstar'>;

/** The families of reflectors of a plan, in its order. */
export function families(plan: Plan): Family[] {
  return networksOf(plan, 'dstar');
}

/** `LNK001`. */
export function reflectorCall(
  { letters }: Pick<Family, 'letters'>,
  { number }: Pick<ListedReflector, 'number'>,
): string {
  return `${letters}${String(number).padStart(3, '0')}`;
}

/** `LNK001 C`. */
export function reflectorWords({ reflector, module }: Reflector): string {
  return `${reflector} ${module}`;
}

export const COMMAND_TITLES: Readonly<Record<CommandName, string>> = {
  unlink: 'Unlink',
  status: 'Status',
  echo: 'Echo',
};

/** Each module of each reflector to talk on; the command that links there comes along with it. */
export function destinations(family: Family): DestinationInfo[] {
  return rows(family.reflectors).flatMap((one) =>
    [...one.modules].flatMap((module): DestinationInfo[] => {
      const name = reflectorWords({ reflector: reflectorCall(family, one), module });
      const common = {
        mode: 'dstar' as const,
        kind: 'reflector' as const,
        networkId: family.id,
        reflectorId: one.id,
        module,
      };
      const category = one.title || 'reflector';
      return [
        { destination: { ...common, use: 'talk' }, name, address: `reflector ${name}`, category, use: 'talk' },
        {
          destination: { ...common, use: 'link' },
          name: `${name} link`,
          address: `link to ${name}`,
          category,
          use: 'service',
          comesAlong: true,
        },
      ];
    }),
  );
}

const LOCAL: DestinationInfo = {
  destination: { mode: 'dstar', kind: 'local' },
  name: 'D-STAR, whoever hears the site',
  address: 'D-STAR, local',
  category: 'local',
  use: 'talk',
};

function byCallSign(callSign: string, module: string): DestinationInfo {
  const name = `${callSign} ${module}`.trim();
  return {
    destination: { mode: 'dstar', kind: 'call-sign', callSign, module },
    name,
    address: module ? `repeater ${name}` : `station ${name}`,
    category: 'by call sign',
    use: 'talk',
  };
}

/** A call sign, with a module for the area of a repeater: `QO4TAM`, `QO1MRR B`. */
export function typed(_plan: Plan, text: string): DestinationInfo[] {
  const found = /^([A-Z0-9/]{3,7})(?: +([A-Z]))?$/.exec(text.trim().toUpperCase());
  if (!found || !/\d/.test(found[1]!) || !/[A-Z]/.test(found[1]!) || REFLECTOR.test(found[1]!.slice(0, 6))) return [];
  return [byCallSign(found[1]!, found[2] ?? '')];
}

/**
 * Local calls, what a gateway does, the areas of the plan's repeaters, and every call sign that something already
 * calls.
 */
export function withoutNetwork(plan: Plan): DestinationInfo[] {
  const found = new Map<string, DestinationInfo>();
  const add = (info: DestinationInfo) => void (found.has(info.address) || found.set(info.address, info));
  for (const site of rows(plan.sites))
    if (site.kind === 'repeater' && site.dstar) add(byCallSign(site.dstar.callSign, site.dstar.module));
  eachDestination(plan, (to) => {
    if (to.kind === 'call-sign') add(byCallSign(to.callSign, to.module));
  });
  return [
    LOCAL,
    ...COMMAND_NAMES.map((command): DestinationInfo => ({
      destination: { mode: 'dstar', kind: 'command', command },
      name: COMMAND_TITLES[command],
      address: `${command} at the gateway`,
      category: 'service',
      use: 'service',
      comesAlong: true,
    })),
    ...found.values(),
  ];
}

/** The reflector and module of a destination; `null` for one that is none. */
export function targetOf(plan: Plan, destination: Destination | null): Reflector | null {
  if (destination?.kind !== 'reflector') return null;
  const family = networkOf(plan, 'dstar', destination.networkId);
  const listed = family?.reflectors.byId[destination.reflectorId];
  return family && listed ? { reflector: reflectorCall(family, listed), module: destination.module } : null;
}

/** What UR asks for to reach a destination; `null` for one of another mode, or that the plan does not hold. */
export function commandFor(
  plan: Plan,
  destination: Destination | null,
): Exclude<Command, { kind: 'malformed' }> | null {
  if (destination?.mode !== 'dstar') return null;
  switch (destination.kind) {
    case 'local':
      return { kind: 'call to all' };
    case 'reflector': {
      const target = targetOf(plan, destination);
      if (!target) return null;
      return destination.use === 'link' ? { kind: 'link', ...target } : { kind: 'call to all' };
    }
    case 'command':
      return { kind: destination.command };
    case 'recall':
      return null;
    case 'call-sign': {
      const { callSign, module } = destination;
      return module ? { kind: 'repeater', callSign, module } : { kind: 'station', callSign };
    }
  }
}

/** What UR must hold for a destination, eight characters; `null` where that is not known. */
export function urFor(plan: Plan, destination: Destination | null): string | null {
  const command = commandFor(plan, destination);
  return command && writeCommand(command);
}

/**
 * How a destination can be reached: empty where its gateway reaches it, else why not; `null` where the site has no
 * D-STAR.
 */
export function offer(plan: Plan, site: Site, destination: Destination): string | null {
  if (!site.dstar) return null;
  const target = targetOf(plan, destination);
  if (destination.kind === 'call-sign' && destination.callSign === site.dstar.callSign) return null;
  if (!target) return '';
  if (site.dstar.families?.length === 0) return 'reach not said';
  return reachesFamily(gatewayOf(site.dstar), target.reflector) ? '' : `${target.reflector.slice(0, 3)} not reached`;
}

/** The gateway of a site: its call sign, and the families that it reaches. */
export function gatewayOf({ callSign, families }: DstarSiteFields): {
  callSign: string;
  families: readonly string[] | 'every';
} {
  return { callSign, families: families ?? 'every' };
}

/** The gateway as it is asked for something: where nobody has said what it reaches, it may reach anything. */
export function gatewayAsked(site: DstarSiteFields): ReturnType<typeof gatewayOf> {
  return site.families?.length === 0 ? { ...gatewayOf(site), families: 'every' } : gatewayOf(site);
}

/** What a site is linked to before the radio does anything; `undefined` where nobody has said. */
export function linkBefore(index: PlanIndex, site: Site): LinkState | undefined {
  const said = stateOf(index.world, site.id, 'dstar');
  if (said) return said.linkedTo;
  const profile = index.profile(site.id);
  if (!profile) return undefined;
  const { startLink, automatic } = profile.dstar;
  return automatic ? startLink : null;
}

/** The channels of a radio that link a site to a reflector: `siteId LNK001 C` → the channel. */
function linkEntries({ plan }: PlanIndex, radioId: Id): ReadonlyMap<string, Id> {
  const found = new Map<string, Id>();
  for (const channel of rows(plan.codeplugs[radioId]!.channels)) {
    if (!isDstar(channel) || channel.siteId === null) continue;
    const command = readCommand(channel.dstar.ur);
    const there = plan.sites.byId[channel.siteId]?.dstar;
    if (command.kind !== 'link' || !there || !toGateway(there, channel.dstar)) continue;
    const key = `${channel.siteId} ${reflectorWords(command)}`;
    // An entry that is meant to link comes before one that holds the command by mistake.
    if (!found.has(key) || (channel.destination?.kind === 'reflector' && channel.destination.use === 'link'))
      found.set(key, channel.id);
  }
  return found;
}

/** Whether a channel's fields lead a call to the gateway of a site: by RPT2, or over the cable. */
export function toGateway(site: DstarSiteFields, { rpt1, rpt2 }: { rpt1: string; rpt2: string }): boolean {
  return site.cable
    ? rpt1.trim() === DIRECT_FIELD && rpt2.trim() === DIRECT_FIELD
    : leaves({ rpt1, rpt2 }, site.callSign);
}

/**
 * What the site is linked to when a talk channel is keyed: as before, or by an entry of the radio (`by`) that links
 * it first.
 */
export function linkWhenTalking(context: PathContext<'dstar'>): { state: LinkState | undefined; by: Id | null } {
  const { index, site, radio, channel } = context;
  const before = linkBefore(index, site!);
  const target = targetOf(index.plan, channel.destination);
  if (!target || (before && hears(before, target))) return { state: before, by: null };
  const by = index.look(linkEntries, radio.id).get(`${site!.id} ${reflectorWords(target)}`) ?? null;
  return by === null ? { state: before, by } : { state: target, by };
}

function familyOf(plan: Plan, reflector: string): Family | undefined {
  return families(plan).find((family) => family.letters === reflector.slice(0, 3));
}

/** The reflector that the directory lists under a name such as `LNK001`. */
export function listedReflector(plan: Plan, reflector: string): ListedReflector | undefined {
  const family = familyOf(plan, reflector);
  return family && rows(family.reflectors).find((one) => reflectorCall(family, one) === reflector);
}

/** A module of a reflector as a place on the network of its family, where the plan has that. */
export function reflectorAt(plan: Plan, to: Reflector): ArrivalOf<'dstar'> & { kind: 'reflector' } {
  return { mode: 'dstar', kind: 'reflector', networkId: familyOf(plan, to.reflector)?.id ?? null, to };
}

/**
 * Where the call of a channel comes out: a reflector, a station, an answer of the gateway, or the site itself;
 * `null` when nowhere.
 */
export function route(context: PathContext<'dstar'>): ArrivalOf<'dstar'> | null {
  const { index, site, channel } = context;
  if (!site?.dstar) return null;
  const beyond = toGateway(site.dstar, channel.dstar);
  const command = readCommand(channel.dstar.ur);
  switch (command.kind) {
    case 'call to all': {
      const meantLocal = channel.destination?.kind === 'local';
      if (!beyond || meantLocal)
        return channel.destination === null || meantLocal ? { mode: 'dstar', kind: 'local', networkId: null } : null;
      const { state } = linkWhenTalking(context);
      return state ? reflectorAt(index.plan, state) : null;
    }
    case 'link':
      return beyond && reachesFamily(gatewayOf(site.dstar), command.reflector)
        ? reflectorAt(index.plan, { reflector: command.reflector, module: command.module })
        : null;
    case 'unlink':
    case 'status':
    case 'echo':
      return beyond ? { mode: 'dstar', kind: 'command', networkId: null, command: command.kind } : null;
    case 'repeater':
      return beyond
        ? { mode: 'dstar', kind: 'call-sign', networkId: null, callSign: command.callSign, module: command.module }
        : null;
    case 'station':
      return beyond
        ? { mode: 'dstar', kind: 'call-sign', networkId: null, callSign: command.callSign, module: '' }
        : null;
    case 'malformed':
      return null;
  }
}

/** Where a call comes out, for people. */
export function arrivalWords(plan: Plan, site: Site, arrival: DstarArrival): ArrivalWords {
  const here = (address: string, name: string): ArrivalWords => ({ address, short: address, name });
  switch (arrival.kind) {
    case 'local':
      return here('local', `who hears ${site.name}`);
    case 'command':
      return here(arrival.command, `${COMMAND_TITLES[arrival.command]} at ${site.name}`);
    case 'call-sign':
      return here(
        'by call sign',
        arrival.module ? withModule(arrival.callSign, arrival.module).replace(/ +/, ' ') : arrival.callSign,
      );
    case 'reflector': {
      const address = reflectorWords(arrival.to);
      return { address, short: address, name: listedReflector(plan, arrival.to.reflector)?.title || null };
    }
  }
}

/** A reflector that many are connected to. */
export const busy: NonNullable<ModePath<'dstar'>['busy']> = (plan, destination) =>
  destination.kind === 'reflector'
    ? busyLinks(
        families(plan).find(({ id }) => id === destination.networkId)?.reflectors.byId[destination.reflectorId]
          ?.activity,
      )
    : null;

/** The reflector that a hotspot links to when it starts. */
export const standing: NonNullable<ModePath<'dstar'>['standing']> = ({ plan, profile }, site) => {
  const values = profile(site.id)!;
  const { startLink, automatic } = values.dstar;
  if (!site.dstar || !automatic || !startLink || !listensFor(values, 'dstar')) return [];
  const pointer = profilePointer(plan, site.id, 'dstar', 'automatic');
  const activity = listedReflector(plan, startLink.reflector)?.activity ?? null;
  return [
    {
      what: `reflector ${reflectorWords(startLink)}`,
      busy: busyLinks(activity) !== null,
      pointer,
      out: ({ dstar }) => void (dstar.automatic = false),
    },
  ];
};
