/** Where a D-STAR call goes: what a site is linked to, what its gateway makes of UR, and what waits there. */
import type { Arrival, PathContext, PlanIndex } from '../../path/types';
import { rows } from '../../plan/table';
import type { Destination, Network, NetworkOf, Plan, Site } from '../../plan/types';
import type { DestinationInfo } from '../mode';
import { type Command, readCommand, REFLECTOR, withModule, writeCommand } from './addresses';
import { leaves } from './access';
import { isDstar } from './channel';
import { COMMAND_NAMES, DIRECT_FIELD } from './limits';
import { hears, type LinkState, reachesFamily, type Reflector } from './link';
import type { CommandName, DstarDestination, DstarSiteFields, ListedReflector } from './types';

export type Family = NetworkOf<'dstar'>;

export function isFamily(network: Network): network is Family {
  return network.mode === 'dstar';
}

export function families(plan: Plan): Family[] {
  return rows(plan.networks).filter(isFamily);
}

/** `LNK001`. */
export function reflectorCall({ letters }: Pick<Family, 'letters'>, { number }: Pick<ListedReflector, 'number'>): string {
  return `${letters}${String(number).padStart(3, '0')}`;
}

/** `LNK001 C`. */
export function reflectorWords({ reflector, module }: Reflector): string {
  return `${reflector} ${module}`;
}

/** `LNK001 C` back to what it names; `null` for nothing. */
export function readReflector(words: string | null): LinkState {
  return words === null ? null : { reflector: words.slice(0, 6), module: words.slice(-1) };
}

export const COMMAND_TITLES: Readonly<Record<CommandName, string>> = { unlink: 'Unlink', status: 'Status', echo: 'Echo' };

/** Each module of each reflector to talk on; the command that links there comes along with it. */
export function destinations(family: Family): DestinationInfo[] {
  return rows(family.reflectors).flatMap((one) =>
    [...one.modules].flatMap((module): DestinationInfo[] => {
      const name = reflectorWords({ reflector: reflectorCall(family, one), module });
      const common = { kind: 'reflector' as const, networkId: family.id, reflectorId: one.id, module };
      const category = one.title || 'reflector';
      return [
        { destination: { ...common, use: 'talk' }, name, address: `reflector ${name}`, category, use: 'talk' },
        { destination: { ...common, use: 'link' }, name: `${name} link`, address: `link to ${name}`, category, use: 'service', comesAlong: true },
      ];
    }),
  );
}

const LOCAL: DestinationInfo = { destination: { kind: 'local', mode: 'dstar' }, name: 'D-STAR, whoever hears the site', address: 'D-STAR, local', category: 'local', use: 'talk' };

function byCallSign(callSign: string, module: string): DestinationInfo {
  const name = `${callSign} ${module}`.trim();
  return { destination: { kind: 'call-sign', mode: 'dstar', callSign, module }, name, address: module ? `repeater ${name}` : `station ${name}`, category: 'by call sign', use: 'talk' };
}

/** A call sign, with a module for the area of a repeater: `QO4TAM`, `QO1MRR B`. */
export function asked(text: string): DestinationInfo | null {
  const found = /^([A-Z0-9/]{3,7})(?: +([A-Z]))?$/.exec(text.trim().toUpperCase());
  if (!found || !/\d/.test(found[1]!) || !/[A-Z]/.test(found[1]!) || REFLECTOR.test(found[1]!.slice(0, 6))) return null;
  return byCallSign(found[1]!, found[2] ?? '');
}

/** Local calls, what a gateway does, the areas of the plan's repeaters, and every call sign that something already calls. */
export function beside(plan: Plan): DestinationInfo[] {
  const found = new Map<string, DestinationInfo>();
  const add = (info: DestinationInfo) => void (found.has(info.address) || found.set(info.address, info));
  for (const site of rows(plan.sites)) if (site.kind === 'repeater' && site.dstar) add(byCallSign(site.dstar.callSign, site.dstar.module));
  const called = [...rows(plan.wants), ...Object.values(plan.codeplugs).flatMap((codeplug) => rows(codeplug.channels))].map((one) => one.destination);
  for (const destination of called) if (destination?.kind === 'call-sign') add(byCallSign(destination.callSign, destination.module));
  return [LOCAL, ...COMMAND_NAMES.map((command): DestinationInfo => ({ destination: { kind: 'command', mode: 'dstar', command }, name: COMMAND_TITLES[command], address: `${command} at the gateway`, category: 'service', use: 'service', comesAlong: true })), ...found.values()];
}

/** The reflector and module of a destination; `null` for one that is none. */
export function targetOf(plan: Plan, destination: Destination | null): Reflector | null {
  if (destination?.kind !== 'reflector') return null;
  const family = plan.networks.byId[destination.networkId];
  const listed = family && isFamily(family) ? family.reflectors.byId[destination.reflectorId] : undefined;
  return family && listed && isFamily(family) ? { reflector: reflectorCall(family, listed), module: destination.module } : null;
}

/** What UR asks for to reach a destination; `null` for one of another mode, or that the plan does not hold. */
export function commandFor(plan: Plan, destination: Destination | null): Exclude<Command, { kind: 'malformed' }> | null {
  const target = targetOf(plan, destination);
  switch ((destination as DstarDestination | { kind: 'local' } | null)?.kind) {
    case 'local':
      return { kind: 'call to all' };
    case 'reflector':
      if (!target) return null;
      return (destination as { use?: string }).use === 'link' ? { kind: 'link', ...target } : { kind: 'call to all' };
    case 'command':
      return { kind: (destination as { command: CommandName }).command };
    case 'call-sign': {
      const { callSign, module } = destination as { callSign: string; module: string };
      return module ? { kind: 'repeater', callSign, module } : { kind: 'station', callSign };
    }
    default:
      return null;
  }
}

export function urFor(plan: Plan, destination: Destination | null): string | null {
  const command = commandFor(plan, destination);
  return command && writeCommand(command);
}

/** How a destination is to be had: empty where its gateway reaches it, else why not; `null` where the site has no D-STAR. */
export function offer(plan: Plan, site: Site, destination: Destination): string | null {
  if (!site.dstar) return null;
  const target = targetOf(plan, destination);
  if (destination.kind === 'call-sign' && destination.callSign === site.dstar.callSign) return null;
  if (!target) return '';
  if (site.dstar.families?.length === 0) return 'reach not said';
  return reachesFamily(gatewayOf(site.dstar), target.reflector) ? '' : `${target.reflector.slice(0, 3)} not reached`;
}

export function gatewayOf({ callSign, families }: DstarSiteFields): { callSign: string; families: readonly string[] | 'every' } {
  return { callSign, families: families ?? 'every' };
}

/** What a site is linked to before the radio does anything; `undefined` where nobody has said. */
export function linkBefore(index: PlanIndex, site: Site): LinkState | undefined {
  const said = index.links.find((one) => one.siteId === site.id && one.mode === 'dstar');
  if (said) return readReflector(said.to);
  if (site.kind === 'repeater') return undefined;
  const { startLink, automatic } = index.plan.profiles[site.id]!.dstar;
  return automatic ? startLink : null;
}

const entries = new WeakMap<PlanIndex, Map<string, string>>();

/** The channel of a radio that links a site to a reflector, by its name; made once per version of a plan. */
function linkEntry({ index, radio, site }: PathContext<'dstar'>, target: Reflector): string | null {
  let known = entries.get(index);
  if (!known) {
    entries.set(index, (known = new Map<string, string>()));
    for (const radioId of index.plan.radios.order) {
      for (const channel of rows(index.plan.codeplugs[radioId]!.channels)) {
        if (!isDstar(channel) || channel.siteId === null) continue;
        const command = readCommand(channel.dstar.ur);
        const there = index.plan.sites.byId[channel.siteId]?.dstar;
        if (command.kind === 'link' && there && toGateway(there, channel.dstar)) known.set(`${radioId} ${channel.siteId} ${reflectorWords(command)}`, channel.name);
      }
    }
  }
  return known.get(`${radio.id} ${site!.id} ${reflectorWords(target)}`) ?? null;
}

/** Whether a channel's fields lead a call to the gateway of a site: by RPT2, or over the cable. */
export function toGateway(site: DstarSiteFields, { rpt1, rpt2 }: { rpt1: string; rpt2: string }): boolean {
  return site.cable ? rpt1.trim() === DIRECT_FIELD && rpt2.trim() === DIRECT_FIELD : leaves({ rpt1, rpt2 }, site.callSign);
}

/** What the site is linked to when a talk channel is keyed: as before, or by an entry of the radio that links it first. */
export function linkWhenTalking(context: PathContext<'dstar'>): { state: LinkState | undefined; by: string | null } {
  const { index, site, channel } = context;
  const before = linkBefore(index, site!);
  const target = targetOf(index.plan, channel.destination);
  if (!target || (before && hears(before, target))) return { state: before, by: null };
  const by = linkEntry(context, target);
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

function at(plan: Plan, to: Reflector): Arrival {
  const name = reflectorWords(to);
  return { networkId: familyOf(plan, to.reflector)?.id ?? null, address: name, short: name, name: listedReflector(plan, to.reflector)?.title || null };
}

export function route(context: PathContext<'dstar'>): Arrival | null {
  const { index, site, channel } = context;
  if (!site?.dstar) return null;
  const beyond = toGateway(site.dstar, channel.dstar);
  const command = readCommand(channel.dstar.ur);
  const here = (address: string, name: string): Arrival => ({ networkId: null, address, short: address, name });
  switch (command.kind) {
    case 'call to all': {
      const meantLocal = channel.destination?.kind === 'local';
      if (!beyond || meantLocal) return channel.destination === null || meantLocal ? here('local', `who hears ${site.name}`) : null;
      const { state } = linkWhenTalking(context);
      return state ? at(index.plan, state) : null;
    }
    case 'link':
      return beyond && reachesFamily(gatewayOf(site.dstar), command.reflector) ? at(index.plan, command) : null;
    case 'unlink':
    case 'status':
    case 'echo':
      return beyond ? here(command.kind, `${COMMAND_TITLES[command.kind]} at ${site.name}`) : null;
    case 'repeater':
      return beyond ? here('by call sign', withModule(command.callSign, command.module).replace(/ +/, ' ')) : null;
    case 'station':
      return beyond ? here('by call sign', command.callSign) : null;
    case 'malformed':
      return null;
  }
}
