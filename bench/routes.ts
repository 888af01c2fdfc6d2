/**
 * Route rules: one number through 200 of them, as a ratio to comparing 200 pairs of numbers in a plain loop (goal: well
 * under a microsecond a rule); the prefix planner for 5 networks of 2,000 groups (goal: 100 ms), as a ratio to
 * `structuredClone` of the same plan; the ribbon's answer to a typed number.
 */
import { effectiveProfile } from '@relay/core/plan/profiles';
import { newLogin } from '@relay/core/plan/modes/dmr/blanks';
import { addHotspot } from '@relay/core/plan/hotspot';
import { proposeRouting } from '@relay/core/modes/dmr/routes/prefixes';
import { forward, routeTable } from '@relay/core/modes/dmr/routes/table';
import { travel } from '@relay/core/modes/dmr/routes/travel';
import type { RouteRule } from '@relay/core/plan/modes/dmr/types';
import { carryOut } from '@relay/core/registries/builder';
import { emptyPlan, newNetwork, newRadio } from '@relay/core/plan/create';
import { edit } from '@relay/core/plan/edit';
import { planIndex } from '@relay/core/registries/modes';
import { putRow, tableOf } from '@relay/core/plan/table';
import type { Plan } from '@relay/core/plan/types';
import { medianMs } from './measure';

const RULES = 200;
const CALLS = 100_000;
const NETWORKS = 5;
const GROUPS = 2000;
const ID = 9_992_417;

function manyRules(): RouteRule[] {
  return Array.from({ length: RULES }, (_, at) => ({
    id: `r${at}`,
    networkId: `n${at % NETWORKS}`,
    call: 'group',
    range: { slot: 2, first: 1_000_001 + at * 5000, networkSlot: 2, networkFirst: 1, count: 5000 },
    reply: true,
  }));
}

function fivePlan(): Plan {
  const furnished = edit(emptyPlan('Five networks'), (plan) => {
    Object.assign(plan.station, { callSign: 'QO3VES', operator: '', dmrId: ID, region: 'itu-1', place: '' });
    const radio = newRadio('r', 'Radio', ['dmr', 'fm']);
    putRow(plan.radios, {
      ...radio,
      limits: { ...radio.limits, channels: 100_000, zones: 10_000, receiveLists: 10_000 },
    });
    addHotspot(plan, 's', 'Home', 439_125_000, ['dmr']);
    for (let at = 0; at < NETWORKS; at += 1) {
      const groups = tableOf(
        Array.from({ length: GROUPS }, (_, n) => ({
          id: `g${n}`,
          name: `Group ${at} ${n}`,
          number: 100 + n * 7,
          category: 'local' as const,
        })),
      );
      putRow(plan.networks, { ...newNetwork('dmr', `n${at}`, `Net ${at}`), groups });
    }
    effectiveProfile(plan, 's')!.dmr.logins['n0'] = { ...newLogin(), suffix: 1, password: 'x' };
    for (let n = 0; n < GROUPS; n += 1)
      putRow(plan.wants, {
        id: `w${n}`,
        destination: { mode: 'dmr', kind: 'group', networkId: 'n0', groupId: `g${n}` },
        radioId: 'r',
        siteId: 's',
      });
  }).plan;
  return edit(furnished, carryOut()).plan;
}

export function benchRoutes(): void {
  const rules = manyRules();
  const table = routeTable('several', ['n0', 'n1', 'n2', 'n3', 'n4'], rules);
  const last = rules.at(-1)!.range!;
  let sum = 0;
  // Numbers of the last rule, so that every rule is asked.
  const traceMs = medianMs(() => {
    for (let call = 0; call < CALLS; call += 1)
      sum += forward(table, { kind: 'group', slot: 2, number: last.first + (call % last.count) })!.number;
  });
  const bounds = rules.map((rule) => rule.range!.first);
  const plainMs = medianMs(() => {
    for (let call = 0; call < CALLS; call += 1) {
      const number = last.first + (call % last.count);
      for (let at = 0; at < RULES; at += 1) if (number >= bounds[at]! && number <= bounds[at]! + 4999) sum += 1;
    }
  });
  const perRuleNs = (traceMs * 1e6) / CALLS / RULES;
  console.log(
    `\none number through ${RULES} rules: ${((traceMs * 1e6) / CALLS).toFixed(0)} ns, ${perRuleNs.toFixed(2)} ns a rule (goal well under 1,000); ${(traceMs / plainMs).toFixed(2)} × a plain loop over the bounds`,
  );

  const plan = fivePlan();
  let changes = 0;
  const planMs = medianMs(
    () => (changes = proposeRouting(plan, 's', ['n0', 'n1', 'n2', 'n3', 'n4']).changes.length),
    7,
  );
  const cloneMs = medianMs(() => structuredClone(plan), 7);
  console.log(
    `prefix planner, ${NETWORKS} networks × ${GROUPS.toLocaleString('en')} groups, ${changes} channels renumbered: ${planMs.toFixed(1)} ms (goal 100), ${(planMs / cloneMs).toFixed(2)} × structuredClone`,
  );

  const index = planIndex(plan);
  const typedMs = medianMs(
    () => (sum += travel(index, 's', { kind: 'group', slot: 2, number: 100 + (sum % 7) }).sent.number),
  );
  console.log(`a typed number’s travel in the same plan: ${(typedMs * 1000).toFixed(0)} µs`);
}
