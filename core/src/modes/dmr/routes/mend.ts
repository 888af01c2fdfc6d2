/** Edits of a hotspot's rules, as patches, for checks and pages. */
import { freeId } from '../../../plan/table';
import type { Patch } from '../../../plan/patches';
import type { CallKind, Id, ProfileValues } from '../../../plan/types';
import type { RouteRule } from '../../../plan/modes/dmr/types';
import { claimOf, outThrough, type RouteTable } from './table';

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
