/** How a rule is named wherever it is spoken of. */
import type { Plan, ProfileValues } from '../../../plan/types';
import type { RouteRule } from '../../../plan/modes/dmr/types';
import { type Call, claimOf, outThrough } from './table';

/** 1 for the first; the same number as in the list of rules. */
export function rulePosition(profile: ProfileValues, rule: RouteRule): number {
  return profile.dmr.rules.order.indexOf(rule.id) + 1;
}

/** `rule 3`, `catch-all rule 5`. */
export function ruleWords(profile: ProfileValues, rule: RouteRule): string {
  return `${rule.range === null ? 'catch-all ' : ''}rule ${rulePosition(profile, rule)}`;
}

const grouped = (number: number) => number.toLocaleString('en');

/** `1,000,001–1,999,999`, or one number. */
export function stretchWords({ first, last }: { first: number; last: number }): string {
  return first === last ? grouped(first) : `${grouped(first)}–${grouped(last)}`;
}

/** `group 1,000,001–1,999,999 to Lantern 1–999,999`. */
export function ruleSentence(plan: Plan, rule: RouteRule): string {
  const network = plan.networks.byId[rule.networkId]!.name;
  if (!rule.range) return `every other ${rule.call} call to ${network}, as sent`;
  const { first, last } = claimOf(rule);
  const to = { first: rule.range.networkFirst, last: rule.range.networkFirst + rule.range.count - 1 };
  return `${rule.call} ${stretchWords({ first, last })} to ${network} ${stretchWords(to)}`;
}

/** `1000417 → 417` where a rule changes the number, else the number alone. */
export function bothNumbers(call: Call, rule: RouteRule | null): string {
  const there = rule ? outThrough(rule, call).number : call.number;
  return there === call.number ? String(call.number) : `${call.number} → ${there}`;
}
