/** Edits of a hotspot's rules, as patches, for checks and pages. */
import type { Data } from '../../../checks/check';
import type { PlanIndex } from '../../../path/types';
import { freeId } from '../../../plan/table';
import type { Patch } from '../../../plan/patches';
import type { CallKind, Id, ProfileValues } from '../../../plan/types';
import type { RouteRule, RuleRange } from '../../../plan/modes/dmr/types';
import { isDmrPath } from '../channel';
import { callOf, judgeRoute } from '../links';
import { clashes } from './claims';
import { claimOf, forward, outThrough, routeTable, type RouteTable } from './table';
import { stretchWords } from './words';

/** Where the rules of a hotspot stand. `at` finds the place of its settings (`profilePointer`). */
export type RulesAt = (...path: ['dmr', 'rules', ...string[]]) => string;

/** Where the rules of a hotspot stand in the document. */
export function rulesPointer(at: RulesAt, ...more: string[]): string {
  return at('dmr', 'rules', ...more);
}

/** Where one rule, or a field of it, stands in the document. */
export function rulePointer(at: RulesAt, rule: RouteRule, ...more: string[]): string {
  return rulesPointer(at, 'byId', rule.id, ...more);
}

function reorder(at: RulesAt, order: readonly Id[]): Patch {
  return { op: 'replace', path: rulesPointer(at, 'order'), value: order };
}

/** The patches that put a rule at a place in the order, from 0. */
export function addRule(at: RulesAt, profile: ProfileValues, rule: RouteRule, place: number): Patch[] {
  const { order } = profile.dmr.rules;
  return [
    { op: 'add', path: rulePointer(at, rule), value: rule },
    reorder(at, [...order.slice(0, place), rule.id, ...order.slice(place)]),
  ];
}

/** The patches that take a rule away. */
export function removeRule(at: RulesAt, profile: ProfileValues, rule: RouteRule): Patch[] {
  return [
    { op: 'remove', path: rulePointer(at, rule) },
    reorder(
      at,
      profile.dmr.rules.order.filter((id) => id !== rule.id),
    ),
  ];
}

/** Puts a rule right before another. */
export function moveBefore(at: RulesAt, profile: ProfileValues, rule: RouteRule, other: RouteRule): Patch[] {
  const rest = profile.dmr.rules.order.filter((id) => id !== rule.id);
  const place = rest.indexOf(other.id);
  return [reorder(at, [...rest.slice(0, place), rule.id, ...rest.slice(place)])];
}

/** The patches that move a rule behind all others. */
export function moveToEnd(at: RulesAt, profile: ProfileValues, rule: RouteRule): Patch[] {
  return [reorder(at, [...profile.dmr.rules.order.filter((id) => id !== rule.id), rule.id])];
}

/** Where a new range belongs: behind the last range, before the catch-alls. */
export function placeForRange(profile: ProfileValues): number {
  const { byId, order } = profile.dmr.rules;
  return order.findLastIndex((id) => byId[id]?.range) + 1;
}

function ruleId(profile: ProfileValues, networkId: Id, what: string): Id {
  return freeId(`r-${networkId}-${what}`.slice(0, 50), (id) => id in profile.dmr.rules.byId);
}

/** The same stretch for the other kind of call: what is missing when groups pass and private calls do not. */
export function mirrored(table: RouteTable, profile: ProfileValues, networkId: Id, call: CallKind): RouteRule | null {
  const other = table.rules.find(
    (rule) => rule.networkId === networkId && rule.call !== call && rule.range !== null && rule.range.count > 1,
  );
  return other ? { ...other, id: ruleId(profile, networkId, call), call } : null;
}

/** A rule that leads this one number right: the mirrored stretch where it does, else a rule for the number alone. */
export function missingRule(
  table: RouteTable,
  profile: ProfileValues,
  wanted: { networkId: Id; kind: CallKind; number: number },
  sent: { slot: 1 | 2; number: number },
): RouteRule {
  const twin = mirrored(table, profile, wanted.networkId, wanted.kind);
  if (
    twin &&
    claimOf(twin).first <= sent.number &&
    claimOf(twin).last >= sent.number &&
    outThrough(twin, { kind: wanted.kind, ...sent }).number === wanted.number
  )
    return twin;
  const range = { slot: sent.slot, first: sent.number, networkSlot: sent.slot, networkFirst: wanted.number, count: 1 };
  return {
    id: ruleId(profile, wanted.networkId, String(sent.number)),
    networkId: wanted.networkId,
    call: wanted.kind,
    range,
    reply: true,
  };
}

/** The rules with one of them right before another. */
export function before(rules: readonly RouteRule[], rule: RouteRule, other: RouteRule): RouteRule[] {
  const rest = rules.filter((one) => one !== rule);
  const place = rest.indexOf(other);
  return [...rest.slice(0, place), rule, ...rest.slice(place)];
}

/** Whether another order of the rules of a hotspot makes no new clash between rules and leads no call elsewhere that is led right now. */
export function isSoundOrder(index: PlanIndex, siteId: Id, table: RouteTable, rules: readonly RouteRule[]): boolean {
  const keys = (all: readonly RouteRule[]) =>
    clashes(all).map(({ rule, by }) => `${rule.id} ${by.map((one) => one.id).join(' ')}`);
  const known = new Set(keys(table.rules));
  const after = keys(rules);
  if (after.length >= known.size || after.some((key) => !known.has(key))) return false;
  return leadsNobodyAstray(index, siteId, table, rules);
}

/** Whether every call through a hotspot that is led right now is led there by other rules too. */
export function leadsNobodyAstray(
  index: PlanIndex,
  siteId: Id,
  table: RouteTable,
  rules: readonly RouteRule[],
): boolean {
  const other = routeTable(table.selection, table.networkIds, rules);
  return index.paths().every(({ context }) => {
    if (!isDmrPath(context) || context.site?.id !== siteId || judgeRoute(context).is !== 'right' || !context.arrives)
      return true;
    const { networkId, kind, number } = context.arrives;
    const led = forward(other, callOf(context));
    return led?.networkId === networkId && led.kind === kind && led.number === number;
  });
}

/** The press that leaves to earlier rules what they take of a later one: nothing is led elsewhere by it. */
export function trimFixes(at: RulesAt, rule: RouteRule, by: readonly RouteRule[], data: Data) {
  const mine = { ...claimOf(rule) };
  for (const other of by) {
    const { first, last } = claimOf(other);
    if (first <= mine.first) mine.first = Math.max(mine.first, last + 1);
    else mine.last = Math.min(mine.last, first - 1);
  }
  const range = rule.range!;
  if (mine.first > mine.last) return [];
  const value: RuleRange = {
    ...range,
    first: mine.first,
    networkFirst: range.networkFirst + mine.first - range.first,
    count: mine.last - mine.first + 1,
  };
  const patches: Patch[] = [{ op: 'replace', path: rulePointer(at, rule, 'range'), value }];
  return [{ id: 'trim' as const, data: { ...data, rest: stretchWords(mine) }, patches }];
}
