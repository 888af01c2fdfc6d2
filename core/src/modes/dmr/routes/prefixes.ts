/**
 * The prefix planner: a prefix for each network, the rules that follow from them, and what changes in the radios.
 * A radio-side number is the prefix times 1,000,000 plus the network's number (1 to 999,999), on the same slot; the
 * same for private calls (common practice).
 */
import { freeId, rows, tableOf } from '../../../plan/table';
import { setPair } from '../../../plan/carriage';
import { newLogin } from '../../../plan/modes/dmr/blanks';
import { editProfile, effectiveProfile } from '../../../plan/profiles';
import { hotspotsOf } from '../../../plan/sites';
import { networkIdOf } from '../../../plan/networks';
import type { CallKind, Id, Network, Plan } from '../../../plan/types';
import { countryOfId, isStationId } from '../addresses';
import { ADDRESS_MAX, PREFIX_STEP, SIMPLEX_SLOT, TRANSLATED_MAX } from '../../../plan/modes/dmr/limits';
import { dmrChannels } from '../channel';
import { contactKey } from '../contact-key';
import { callFor } from '../links';
import { fillLogin } from '../login';
import type { RouteRule, RuleRange, TimeSlot } from '../../../plan/modes/dmr/types';
import { claimOf, numberFor, routeTable, type RouteTable, tableOfProfile } from './table';
import { renumber, type Renumbering, renumberings } from './renumber';
import { dmrNetwork, dmrNetworks } from '../networks';

/** E.212 country codes begin with 2 to 7, so these never collide with a personal ID of any country. */
const SAFE_PREFIXES = [1, 8, 9, 10, 11, 12, 13, 14, 15];
const COUNTRY_PREFIXES = [2, 3, 4, 5, 6, 7];

/**
 * The stretches of the radio side that rules of any hotspot translate: a number in one of them is no ID, but a way to
 * a network.
 */
function translated(plan: Plan): { first: number; last: number }[] {
  return hotspotsOf(plan)
    .flatMap((site) => rows(effectiveProfile(plan, site.id)!.dmr.rules))
    .filter((rule) => rule.range !== null && rule.range.first !== rule.range.networkFirst)
    .map(claimOf);
}

/** 7-digit numbers that mean a person or a personal group here, and where each stands. */
export function idsInUse(plan: Plan): Map<number, string> {
  const found = new Map<number, string>();
  const ways = translated(plan);
  // Registries also give IDs outside the country codes: a private call goes to a person, unless a rule makes another
  // number of it.
  const isPerson = ({ kind, number }: { kind: RouteRule['call']; number: number }) =>
    countryOfId(number) !== null ||
    (kind === 'private' && !ways.some(({ first, last }) => number >= first && number <= last));
  const add = (number: number | null | undefined, where: string) => {
    if (number != null && isStationId(number) && !found.has(number)) found.set(number, where);
  };
  add(plan.station.dmrId, 'your DMR ID');
  for (const id of plan.station.otherIds) add(id, 'your other ID');
  for (const radio of rows(plan.radios)) add(radio.dmr?.id, `the ID of ${radio.name}`);
  for (const network of dmrNetworks(plan))
    for (const group of rows(network.groups)) add(group.number, `group ${group.name} on ${network.name}`);
  for (const [radioId, codeplug] of Object.entries(plan.codeplugs)) {
    const routed = new Set<number>();
    for (const channel of dmrChannels(codeplug)) {
      const { number } = channel.dmr.call;
      // A channel that is aimed somewhere calls whatever its routes make of it, not a person.
      if (channel.destination) {
        routed.add(number);
        add(callFor(plan, channel.destination)?.number, `channel ${channel.name}`);
      } else if (isPerson(channel.dmr.call)) add(number, `channel ${channel.name}`);
    }
    for (const contact of rows(codeplug.dmr.contacts))
      if (!routed.has(contact.number) && isPerson(contact))
        add(contact.number, `contact ${contact.name} of ${plan.radios.byId[radioId]?.name ?? radioId}`);
  }
  return found;
}

export interface PassedOver {
  prefix: number;
  why: string;
}

export interface PrefixPlan {
  prefixes: { networkId: Id; prefix: number; kept: boolean }[];
  /** Networks for which no prefix is left. */
  without: Id[];
  passedOver: PassedOver[];
}

/** The prefix a network has by its group rules; `null` when none is of that form. */
export function prefixOf(rules: readonly RouteRule[], networkId: Id): number | null {
  const rule = rules.find(
    (one) =>
      one.networkId === networkId &&
      one.call === 'group' &&
      one.range !== null &&
      one.range.count > 1 &&
      one.range.first % PREFIX_STEP === one.range.networkFirst &&
      one.range.first > PREFIX_STEP,
  );
  return rule?.range ? Math.floor(rule.range.first / PREFIX_STEP) : null;
}

/** The stretch of the radio side that a prefix takes. */
export function prefixStretch(prefix: number): { first: number; last: number } {
  return { first: prefix * PREFIX_STEP + 1, last: Math.min(prefix * PREFIX_STEP + TRANSLATED_MAX, ADDRESS_MAX) };
}

/** Why a prefix cannot be taken, `null` when it can. */
function objection(
  prefix: number,
  taken: readonly { first: number; last: number; what: string }[],
  ids: ReadonlyMap<number, string>,
): string | null {
  const { first, last } = prefixStretch(prefix);
  const rule = taken.find((one) => one.first <= last && one.last >= first);
  if (rule) return `${rule.what} takes numbers of it`;
  for (const [id, where] of ids) if (id >= first && id <= last) return `${where}, ${id}, lies in it`;
  return null;
}

/** Keeps the prefixes that are there; gives each other network the first free one, those that never collide first. */
export function planPrefixes(plan: Plan, networkIds: readonly Id[], rules: readonly RouteRule[]): PrefixPlan {
  const ids = idsInUse(plan);
  const nameOf = (id: Id) => plan.networks.byId[id]!.name;
  const taken = rules
    .filter((rule) => rule.range !== null)
    .map((rule) => ({ ...claimOf(rule), what: `a rule to ${nameOf(rule.networkId)}` }));
  const result: PrefixPlan = { prefixes: [], without: [], passedOver: [] };
  const free = [...SAFE_PREFIXES, ...COUNTRY_PREFIXES];
  for (const networkId of networkIds) {
    const kept = prefixOf(rules, networkId);
    if (kept !== null) {
      result.prefixes.push({ networkId, prefix: kept, kept: true });
      continue;
    }
    let given = false;
    while (!given && free.length > 0) {
      const prefix = free.shift()!;
      const why = objection(prefix, taken, ids);
      if (why === null) {
        result.prefixes.push({ networkId, prefix, kept: false });
        given = true;
      } else result.passedOver.push({ prefix, why });
    }
    if (!given) result.without.push(networkId);
  }
  return result;
}

function rangeRule(id: Id, networkId: Id, call: RouteRule['call'], range: RuleRange): RouteRule {
  return { id, networkId, call, range, reply: true };
}

interface LongNumber {
  kind: CallKind;
  number: number;
}

/**
 * Numbers of a network above 999,999 that are wanted or called through the site: a prefix cannot carry them, so they
 * pass as they are.
 */
function longNumbers(plan: Plan, siteId: Id, network: Network): LongNumber[] {
  const found = new Map<string, LongNumber>();
  const look = (destination: Plan['wants']['byId'][string]['destination'] | null) => {
    if (!destination || networkIdOf(destination) !== network.id) return;
    const call = callFor(plan, destination);
    if (call && call.number > TRANSLATED_MAX)
      found.set(contactKey(call.kind, call.number), { kind: call.kind, number: call.number });
  };
  for (const want of rows(plan.wants)) if (want.siteId === siteId) look(want.destination);
  for (const codeplug of Object.values(plan.codeplugs))
    for (const channel of rows(codeplug.channels)) if (channel.siteId === siteId) look(channel.destination);
  return [...found.values()].sort((a, b) => a.number - b.number);
}

export interface RoutingProposal extends PrefixPlan {
  /** The whole new set of rules, in order. */
  rules: RouteRule[];
  /** Network that takes what no rule claims. */
  catchAllId: Id | null;
  changes: Renumbering[];
}

function slotOf(plan: Plan, siteId: Id): TimeSlot[] {
  const site = plan.sites.byId[siteId]!;
  return site.rxHz === site.txHz ? [SIMPLEX_SLOT] : [1, 2];
}

/**
 * Keeps rules that are there, adds those of the networks that lack them before the catch-alls, and a catch-all when
 * there is none.
 */
function rulesFor(
  plan: Plan,
  siteId: Id,
  prefixes: PrefixPlan['prefixes'],
  present: readonly RouteRule[],
  networkIds: readonly Id[],
): RouteRule[] {
  const names = new Set(present.map((rule) => rule.id));
  const id = (base: string) => {
    const given = freeId(base, (one) => names.has(one));
    names.add(given);
    return given;
  };
  const catchAlls = present.filter((rule) => rule.range === null);
  const catchAllId = catchAlls.find((rule) => rule.call === 'group')?.networkId ?? networkIds[0];
  const exact: RouteRule[] = [];
  const fresh: Record<RouteRule['call'], RouteRule[]> = { group: [], private: [] };
  for (const slot of slotOf(plan, siteId)) {
    for (const { networkId, prefix } of prefixes) {
      const { first, last } = prefixStretch(prefix);
      for (const call of ['group', 'private'] as const) {
        if (
          present.some(
            (rule) =>
              rule.networkId === networkId && rule.call === call && rule.range?.slot === slot && rule.range.count > 1,
          )
        )
          continue;
        fresh[call].push(
          rangeRule(id(`r-${networkId}-${call}`.slice(0, 50)), networkId, call, {
            slot,
            first,
            networkSlot: slot,
            networkFirst: 1,
            count: last - first + 1,
          }),
        );
      }
      if (networkId === catchAllId) continue;
      for (const { kind, number } of longNumbers(plan, siteId, plan.networks.byId[networkId]!)) {
        if (
          present.some(
            (rule) =>
              rule.range &&
              rule.range.slot === slot &&
              claimOf(rule).first <= number &&
              claimOf(rule).last >= number &&
              rule.call === kind,
          )
        )
          continue;
        exact.push(
          rangeRule(id(`r-${networkId}-${number}`.slice(0, 50)), networkId, kind, {
            slot,
            first: number,
            networkSlot: slot,
            networkFirst: number,
            count: 1,
          }),
        );
      }
    }
  }
  const rest: RouteRule[] =
    catchAlls.some((rule) => rule.call === 'group') || catchAllId === undefined
      ? []
      : [
          {
            id: id(`r-${catchAllId}-rest`.slice(0, 50)),
            networkId: catchAllId,
            call: 'group',
            range: null,
            reply: true,
          },
        ];
  return [
    ...exact,
    ...present.filter((rule) => rule.range !== null),
    ...fresh.group,
    ...fresh.private,
    ...catchAlls,
    ...rest,
  ];
}

/**
 * What it takes to have these networks, in this order, through one hotspot at once. Nothing is changed.
 * The first network gets the catch-all when there is none.
 */
export function proposeRouting(plan: Plan, siteId: Id, networkIds: readonly Id[]): RoutingProposal {
  const profile = effectiveProfile(plan, siteId)!;
  const present = rows(profile.dmr.rules).filter((rule) => networkIds.includes(rule.networkId));
  const prefixPlan = planPrefixes(plan, networkIds, present);
  const rules = rulesFor(plan, siteId, prefixPlan.prefixes, present, networkIds);
  const changes = renumberings(plan, siteId, tableOfProfile(plan, profile), routeTable('several', networkIds, rules));
  return {
    ...prefixPlan,
    rules,
    catchAllId: rules.find((rule) => rule.range === null && rule.call === 'group')?.networkId ?? null,
    changes,
  };
}

/** Carries a proposal out in a draft: logins on, selection on, rules, and every channel kept on what it reaches. */
export function acceptRouting(
  plan: Plan,
  siteId: Id,
  networkIds: readonly Id[],
  proposal: Pick<RoutingProposal, 'rules'>,
): void {
  const before: RouteTable = tableOfProfile(plan, effectiveProfile(plan, siteId)!);
  renumber(plan, siteId, before, routeTable('several', networkIds, proposal.rules));
  editProfile(plan, siteId, (values) => {
    for (const networkId of networkIds) {
      const login = (values.dmr.logins[networkId] ??= newLogin());
      login.enabled = true;
      fillLogin(plan, siteId, dmrNetwork(plan, networkId)!, login);
    }
    setPair(values, 'dmr', 'dmr', { on: true });
    values.dmr.selection = 'several';
    values.dmr.rules = tableOf(proposal.rules);
  });
}

/** Gives a network another prefix: its translated stretches move, and with them every channel that used them. */
export function changePrefix(plan: Plan, siteId: Id, networkId: Id, prefix: number): void {
  const { dmr } = effectiveProfile(plan, siteId)!;
  const before = tableOfProfile(plan, { dmr });
  const old = prefixOf(before.rules, networkId);
  if (old === null) return;
  const from = prefixStretch(old);
  const to = prefixStretch(prefix);
  const moved = rows(dmr.rules).map((rule): RouteRule => {
    if (rule.networkId !== networkId || !rule.range || rule.range.first < from.first || rule.range.first > from.last)
      return rule;
    const first = rule.range.first - from.first + to.first;
    // What ran to the end of the old prefix runs to the end of the new one, also where the old one had room for less.
    const ran = claimOf(rule).last >= from.last;
    const count = ran ? to.last - first + 1 : Math.min(rule.range.count, to.last - first + 1);
    return { ...rule, range: { ...rule.range, first, count } };
  });
  renumber(plan, siteId, before, routeTable(dmr.selection, before.networkIds, moved));
  editProfile(plan, siteId, (values) => void (values.dmr.rules = tableOf(moved)));
}

/**
 * The number to call on the radio for a number of a network through a site, in its usual slot; `null` when none does.
 */
export function radioNumber(
  plan: Plan,
  siteId: Id,
  networkId: Id,
  kind: RouteRule['call'],
  number: number,
): number | null {
  const profile = effectiveProfile(plan, siteId);
  if (!profile) return null;
  const table = tableOfProfile(plan, profile);
  for (const slot of slotOf(plan, siteId)) {
    const found = numberFor(table, networkId, kind, number, slot);
    if (found !== null) return found;
  }
  return null;
}
