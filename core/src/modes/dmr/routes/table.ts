/**
 * Route rules: which network a call from the radio goes to, under which number, and how it comes back.
 * The semantics are written down for people in docs/route-rules.md.
 *
 * Out: the rules of the networks that are logged in are tried in order; the first that claims kind, slot and number takes
 * the call. A catch-all claims every number of its kind, on both slots, and changes nothing. No match: the call stops.
 * Back: an answer is turned back by the rule that carried the call. A call that nobody here asked for (a static group)
 * is turned back by the first rule of its network that holds it on the network side and has its reply on.
 */
import type { CallKind, Id, Plan, ProfileValues } from '../../../plan/types';
import { rows } from '../../../plan/table';
import { ADDRESS_MAX } from '../../../plan/modes/dmr/limits';
import type { RouteRule, RuleRange, TimeSlot } from '../../../plan/modes/dmr/types';

export interface Call {
  kind: CallKind;
  slot: TimeSlot;
  /** On the radio side or on the network, 1 to 16,776,415. */
  number: number;
}

/** A call as it leaves for a network. */
export interface Routed extends Call {
  networkId: Id;
  /** `null` when the hotspot uses one network and has no rules to ask. */
  rule: RouteRule | null;
}

export interface RouteTable {
  selection: 'one' | 'several';
  /** Networks that are logged in, in the plan's order. */
  networkIds: readonly Id[];
  /** The rules that take part, in order. */
  rules: readonly RouteRule[];
  /** Per kind and slot: rule and bounds, so that a look-up touches numbers only. */
  compiled: Readonly<Record<CallKind, Readonly<Record<TimeSlot, Compiled>>>>;
}

interface Compiled {
  rules: readonly RouteRule[];
  first: Float64Array;
  last: Float64Array;
}

const EVERY_NUMBER = { first: 1, last: Infinity };

/** The numbers a rule claims on the radio side, both ends included. */
export function claimOf(rule: RouteRule): { first: number; last: number } {
  return rule.range ? { first: rule.range.first, last: rule.range.first + rule.range.count - 1 } : EVERY_NUMBER;
}

/** Whether a rule takes calls on a slot of the radio side; a catch-all takes both. */
export function claimsSlot(rule: RouteRule, slot: TimeSlot): boolean {
  return rule.range === null || rule.range.slot === slot;
}

function compile(rules: readonly RouteRule[], kind: CallKind, slot: TimeSlot): Compiled {
  const mine = rules.filter((rule) => rule.call === kind && claimsSlot(rule, slot));
  return {
    rules: mine,
    first: Float64Array.from(mine, (rule) => claimOf(rule).first),
    last: Float64Array.from(mine, (rule) => claimOf(rule).last),
  };
}

/** A table of rules, ready to be asked. Rules of other networks than `networkIds` take no part. */
export function routeTable(
  selection: RouteTable['selection'],
  networkIds: readonly Id[],
  rules: readonly RouteRule[],
): RouteTable {
  const active = rules.filter((rule) => networkIds.includes(rule.networkId));
  const of = (kind: CallKind) => ({ 1: compile(active, kind, 1), 2: compile(active, kind, 2) });
  return { selection, networkIds, rules: active, compiled: { group: of('group'), private: of('private') } };
}

/** The table of a hotspot by its settings; networks that are not logged in take no part. */
export function tableOfProfile(plan: Plan, profile: Pick<ProfileValues, 'dmr'>): RouteTable {
  const { selection, rules, logins } = profile.dmr;
  return routeTable(
    selection,
    plan.networks.order.filter((id) => logins[id]?.enabled),
    rows(rules),
  );
}

/** The rule that takes a call from the radio, `null` when none does. */
export function matchingRule(table: RouteTable, { kind, slot, number }: Call): RouteRule | null {
  const { rules, first, last } = table.compiled[kind][slot];
  for (let at = 0; at < first.length; at += 1) if (number >= first[at]! && number <= last[at]!) return rules[at]!;
  return null;
}

/** What a rule makes of a call that it claims. */
export function outThrough(rule: RouteRule, call: Call): Routed {
  const { range, networkId } = rule;
  if (!range) return { kind: call.kind, slot: call.slot, number: call.number, networkId, rule };
  return {
    kind: call.kind,
    slot: range.networkSlot,
    number: call.number - range.first + range.networkFirst,
    networkId,
    rule,
  };
}

/** Where a call from the radio goes; `null` when it stops at the gateway. */
export function forward(table: RouteTable, call: Call): Routed | null {
  if (table.selection === 'one') {
    const networkId = table.networkIds[0];
    // Written out: this runs for every channel of every trace, and spreading is slower.
    return networkId === undefined
      ? null
      : { kind: call.kind, slot: call.slot, number: call.number, networkId, rule: null };
  }
  const rule = matchingRule(table, call);
  return rule && outThrough(rule, call);
}

function holdsOnNetwork(range: RuleRange, { slot, number }: Call): boolean {
  return slot === range.networkSlot && number >= range.networkFirst && number < range.networkFirst + range.count;
}

function inward(range: RuleRange, call: Call): Call {
  return { kind: call.kind, slot: range.slot, number: call.number - range.networkFirst + range.first };
}

/** How the answer to a call comes back to the radio; `null` when its rule turns nothing back. */
export function answer(routed: Routed): Call | null {
  const { kind, slot, number, rule } = routed;
  if (rule?.reply === false) return null;
  return rule?.range ? inward(rule.range, routed) : { kind, slot, number };
}

/** How a call that nobody here asked for comes to the radio; `null` when it does not. */
export function unasked(table: RouteTable, networkId: Id, call: Call): Call | null {
  if (table.selection === 'one') return table.networkIds[0] === networkId ? call : null;
  for (const rule of table.rules) {
    if (rule.networkId !== networkId || rule.call !== call.kind || !rule.reply) continue;
    if (rule.range === null) return call;
    if (holdsOnNetwork(rule.range, call)) return inward(rule.range, call);
  }
  return null;
}

/**
 * The number a radio must call, on its slot, to reach a number of a network; `null` when none does.
 * Rules that also turn the answer back come first, ranges before catch-alls.
 */
export function numberFor(
  table: RouteTable,
  networkId: Id,
  kind: CallKind,
  number: number,
  slot: TimeSlot,
): number | null {
  if (table.selection === 'one') return table.networkIds[0] === networkId ? number : null;
  let without: number | null = null;
  for (const catchAll of [false, true]) {
    for (const rule of table.rules) {
      if (
        rule.networkId !== networkId ||
        rule.call !== kind ||
        (rule.range === null) !== catchAll ||
        !claimsSlot(rule, slot)
      )
        continue;
      const sent = rule.range === null ? number : number - rule.range.networkFirst + rule.range.first;
      const { first, last } = claimOf(rule);
      if (sent < first || sent > last || sent > ADDRESS_MAX) continue;
      if (matchingRule(table, { kind, slot, number: sent }) !== rule) continue;
      if (rule.reply) return sent;
      without ??= sent;
    }
  }
  return without;
}
