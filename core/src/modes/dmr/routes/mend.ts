/** Edits of a hotspot's rules, as patches, for checks and pages. */
import { freeId } from '../../../plan/table';
import { type Patch, toPointer } from '../../../plan/patches';
import type { CallKind, Id, Profile } from '../../../plan/types';
import type { RouteRule } from '../types';
import { claimOf, outThrough, type RouteTable } from './table';

export function rulesPointer(siteId: Id, ...more: string[]): string {
  return toPointer(['profiles', siteId, 'dmr', 'rules', ...more]);
}

export function rulePointer(siteId: Id, rule: RouteRule, ...more: string[]): string {
  return rulesPointer(siteId, 'byId', rule.id, ...more);
}

function reorder(siteId: Id, order: readonly Id[]): Patch {
  return { op: 'replace', path: rulesPointer(siteId, 'order'), value: order };
}

export function addRule(siteId: Id, profile: Profile, rule: RouteRule, at: number): Patch[] {
  const { order } = profile.dmr.rules;
  return [{ op: 'add', path: rulePointer(siteId, rule), value: rule }, reorder(siteId, [...order.slice(0, at), rule.id, ...order.slice(at)])];
}

export function removeRule(siteId: Id, profile: Profile, rule: RouteRule): Patch[] {
  return [{ op: 'remove', path: rulePointer(siteId, rule) }, reorder(siteId, profile.dmr.rules.order.filter((id) => id !== rule.id))];
}

/** Puts a rule right before another. */
export function moveBefore(siteId: Id, profile: Profile, rule: RouteRule, other: RouteRule): Patch[] {
  const rest = profile.dmr.rules.order.filter((id) => id !== rule.id);
  const at = rest.indexOf(other.id);
  return [reorder(siteId, [...rest.slice(0, at), rule.id, ...rest.slice(at)])];
}

export function moveToEnd(siteId: Id, profile: Profile, rule: RouteRule): Patch[] {
  return [reorder(siteId, [...profile.dmr.rules.order.filter((id) => id !== rule.id), rule.id])];
}

/** Where a new range belongs: behind the last range, before the catch-alls. */
export function placeForRange(profile: Profile): number {
  const { byId, order } = profile.dmr.rules;
  return order.findLastIndex((id) => byId[id]?.range) + 1;
}

function ruleId(profile: Profile, networkId: Id, what: string): Id {
  return freeId(`r-${networkId}-${what}`.slice(0, 50), (id) => id in profile.dmr.rules.byId);
}

/** The same stretch for the other kind of call: what is missing when groups pass and private calls do not. */
export function mirrored(table: RouteTable, profile: Profile, networkId: Id, call: CallKind): RouteRule | null {
  const other = table.rules.find((rule) => rule.networkId === networkId && rule.call !== call && rule.range !== null && rule.range.count > 1);
  return other ? { ...other, id: ruleId(profile, networkId, call), call } : null;
}

/** A rule that leads this one number right: the mirrored stretch where it does, else a rule for the number alone. */
export function missingRule(table: RouteTable, profile: Profile, wanted: { networkId: Id; kind: CallKind; number: number }, sent: { slot: 1 | 2; number: number }): RouteRule {
  const twin = mirrored(table, profile, wanted.networkId, wanted.kind);
  if (twin && claimOf(twin).first <= sent.number && claimOf(twin).last >= sent.number && outThrough(twin, { kind: wanted.kind, ...sent }).number === wanted.number) return twin;
  const range = { slot: sent.slot, first: sent.number, networkSlot: sent.slot, networkFirst: wanted.number, count: 1 };
  return { id: ruleId(profile, wanted.networkId, String(sent.number)), networkId: wanted.networkId, call: wanted.kind, range, reply: true };
}
