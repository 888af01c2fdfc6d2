/** Which numbers of the radio side each rule claims, and which of them an earlier rule has taken. */
import type { CallKind } from '../../../plan/types';
import { ADDRESS_MAX, ADDRESS_MIN } from '../../../plan/modes/dmr/limits';
import type { RouteRule, TimeSlot } from '../../../plan/modes/dmr/types';
import { claimOf, claimsSlot, matchingRule, type RouteTable } from './table';

/** Both ends included. */
export interface Stretch {
  first: number;
  last: number;
}

export interface Shadow {
  rule: RouteRule;
  /** Earlier rules that take numbers of this one, in order. */
  by: RouteRule[];
  /** What they take of it, in ascending order and joined. */
  taken: Stretch[];
  /** Nothing of it is left. */
  wholly: boolean;
}

/** Joins stretches that touch or overlap. */
export function joined(stretches: readonly Stretch[]): Stretch[] {
  const result: Stretch[] = [];
  for (const one of [...stretches].sort((a, b) => a.first - b.first)) {
    const last = result.at(-1);
    if (last && one.first <= last.last + 1) last.last = Math.max(last.last, one.last);
    else result.push({ ...one });
  }
  return result;
}

/** The numbers that two stretches share; `null` for none. */
export function common(a: Stretch, b: Stretch): Stretch | null {
  const first = Math.max(a.first, b.first);
  const last = Math.min(a.last, b.last);
  return first <= last ? { first, last } : null;
}

const SLOTS: readonly TimeSlot[] = [1, 2];

function slotsOf(rule: RouteRule): readonly TimeSlot[] {
  return rule.range ? [rule.range.slot] : SLOTS;
}

/** Every rule of which earlier ones take something, in order. A catch-all counts as wholly taken only by another catch-all. */
export function shadows(rules: readonly RouteRule[]): Shadow[] {
  return rules.flatMap((rule, at): Shadow[] => {
    const mine = claimOf(rule);
    const by = rules
      .slice(0, at)
      .filter(
        (other) =>
          other.call === rule.call &&
          slotsOf(rule).some((slot) => claimsSlot(other, slot)) &&
          common(mine, claimOf(other)) !== null,
      );
    if (by.length === 0) return [];
    // What is taken on each of its slots; a catch-all has both.
    const perSlot = slotsOf(rule).map((slot) =>
      joined(by.filter((other) => claimsSlot(other, slot)).map((other) => common(mine, claimOf(other))!)),
    );
    const wholly = perSlot.every(
      (taken) => taken.length === 1 && taken[0]!.first <= mine.first && taken[0]!.last >= mine.last,
    );
    return [{ rule, by, taken: joined(perSlot.flat()), wholly }];
  });
}

/** Whether a rule lies wholly within another and is narrower: before it, it is the exception to a general rule, as it should be. */
function isException(narrow: RouteRule, wide: RouteRule): boolean {
  const [a, b] = [claimOf(narrow), claimOf(wide)];
  return a.first >= b.first && a.last <= b.last && a.last - a.first < b.last - b.first;
}

/** Rules that lose numbers to an earlier one which is no exception to them, and what they lose. Catch-alls have checks of their own. */
export function clashes(rules: readonly RouteRule[]): Shadow[] {
  return shadows(rules).flatMap((shadow): Shadow[] => {
    if (shadow.rule.range === null || shadow.by.some((one) => one.range === null)) return [];
    if (shadow.wholly) return [shadow];
    const by = shadow.by.filter((other) => !isException(other, shadow.rule));
    if (by.length === 0) return [];
    return [{ ...shadow, by, taken: joined(by.map((other) => common(claimOf(shadow.rule), claimOf(other))!)) }];
  });
}

/** A stretch of the radio side in which the same rules claim every number. */
export interface Segment extends Stretch {
  /** The rule that takes these numbers, `null` when none does. */
  rule: RouteRule | null;
  /** Rules that claim them too and never get them. */
  hidden: RouteRule[];
}

/** The radio side of one kind and slot, from 1 to 16,776,415, cut where the claims change. */
export function segments(table: RouteTable, kind: CallKind, slot: TimeSlot): Segment[] {
  const { rules } = table.compiled[kind][slot];
  const cuts = new Set([ADDRESS_MIN, ADDRESS_MAX + 1]);
  for (const rule of rules) {
    const { first, last } = claimOf(rule);
    for (const cut of [first, last + 1]) if (cut > ADDRESS_MIN && cut <= ADDRESS_MAX) cuts.add(cut);
  }
  const edges = [...cuts].sort((a, b) => a - b);
  const result: Segment[] = [];
  for (let at = 0; at + 1 < edges.length; at += 1) {
    const first = edges[at]!;
    const last = edges[at + 1]! - 1;
    const rule = matchingRule(table, { kind, slot, number: first });
    const hidden = rules.filter((one) => one !== rule && claimOf(one).first <= first && claimOf(one).last >= last);
    const before = result.at(-1);
    if (
      before &&
      before.rule === rule &&
      before.hidden.length === hidden.length &&
      before.hidden.every((one, i) => one === hidden[i])
    )
      before.last = last;
    else result.push({ first, last, rule, hidden });
  }
  return result;
}
