import { newLogin } from '../../../plan/modes/dmr/blanks';
import { reprogrammingList } from '../../../registries/outputs';
import { profileOf } from '../../../testing/profile-of';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { runChecks } from '../../../registries/checks';
import { carryOut } from '../../../registries/builder';
import { planIndex } from '../../../registries/modes';
import { newNetwork, newServer } from '../../../plan/create';
import { edit } from '../../../plan/edit';
import { putRow, rows, tableOf } from '../../../plan/table';
import { markWritten } from '../../../compare/written';
import { channelOf, samplePlan } from '../../../testing/sample-plan';
import { causeway, routedPlan, ruleOf } from '../../../testing/sample-routes';
import { validatePlan } from '../../../plan/validate';
import type { CallKind } from '../../../plan/types';
import type { RouteRule } from '../../../plan/modes/dmr/types';
import { joined, segments, shadows } from './claims';
import { acceptRouting, changePrefix, planPrefixes, prefixOf, proposeRouting, radioNumber } from './prefixes';
import { answer, type Call, claimOf, claimsSlot, forward, matchingRule, numberFor, routeTable, unasked } from './table';
import { dmrNetwork } from '../networks';

const NETWORKS = ['a', 'b', 'c'];

const prefixRule = (networkId: string, call: CallKind, prefix: number): RouteRule => ({
  id: `${networkId}-${call}`,
  networkId,
  call,
  range: { slot: 2, first: prefix * 1_000_000 + 1, networkSlot: 2, networkFirst: 1, count: 999_999 },
  reply: true,
});
const catchAll = (networkId: string, call: CallKind = 'group'): RouteRule => ({
  id: `${networkId}-rest-${call}`,
  networkId,
  call,
  range: null,
  reply: true,
});
const PRACTICE = routeTable(
  'several',
  ['a', 'b'],
  [
    prefixRule('a', 'group', 1),
    prefixRule('b', 'group', 2),
    prefixRule('a', 'private', 1),
    prefixRule('b', 'private', 2),
    catchAll('a'),
  ],
);

/** Common practice: prefix 1 is network A with the catch-all, prefix 2 is network B, on slot 2. */
const TABLE: [CallKind, number, string, number][] = [
  ['group', 1_000_091, 'a', 91],
  ['group', 1_000_001, 'a', 1],
  ['private', 1_004_000, 'a', 4000],
  ['group', 2350, 'a', 2350],
  ['group', 2_002_351, 'b', 2351],
  ['group', 2_000_235, 'b', 235],
  ['private', 2_004_000, 'b', 4000],
  ['group', 2_000_091, 'b', 91],
];

describe('routing through prefixes, by common practice', () => {
  it.each(TABLE)('%s %i goes to %s %i, and its answer comes back', (kind, number, networkId, there) => {
    const sent: Call = { kind, slot: 2, number };
    const routed = forward(PRACTICE, sent)!;
    expect(routed).toMatchObject({ networkId, kind, number: there, slot: 2 });
    expect(answer(routed)).toEqual(sent);
  });

  it('a radio-side number is found for every number of a network', () => {
    expect(numberFor(PRACTICE, 'b', 'group', 2351, 2)).toBe(2_002_351);
    expect(numberFor(PRACTICE, 'a', 'private', 4000, 2)).toBe(1_004_000);
    // Seven digits fit no prefix: on network A the catch-all carries them, on B nothing does.
    expect(numberFor(PRACTICE, 'a', 'group', 9_992_417, 2)).toBe(9_992_417);
    expect(numberFor(PRACTICE, 'b', 'group', 9_992_417, 2)).toBeNull();
    // The prefix of B takes such an ID apart, so even A cannot be reached by it.
    expect(numberFor(PRACTICE, 'a', 'group', 2_351_234, 2)).toBeNull();
    expect(forward(PRACTICE, { kind: 'group', slot: 2, number: 2_351_234 })).toMatchObject({
      networkId: 'b',
      number: 351_234,
    });
  });

  it('what comes unasked takes the first rule that holds it', () => {
    expect(unasked(PRACTICE, 'a', { kind: 'group', slot: 2, number: 2350 })).toEqual({
      kind: 'group',
      slot: 2,
      number: 1_002_350,
    });
    expect(unasked(PRACTICE, 'a', { kind: 'group', slot: 2, number: 9_992_417 })).toEqual({
      kind: 'group',
      slot: 2,
      number: 9_992_417,
    });
    expect(unasked(PRACTICE, 'b', { kind: 'private', slot: 1, number: 4000 })).toBeNull();
    expect(unasked(PRACTICE, 'c', { kind: 'group', slot: 2, number: 91 })).toBeNull();
    expect(unasked(routeTable('one', ['a'], []), 'a', { kind: 'group', slot: 2, number: 91 })).toMatchObject({
      number: 91,
    });
  });

  it('nothing passes a rule of a network that is off, and nothing comes back without its reply', () => {
    const onlyA = routeTable('several', ['a'], PRACTICE.rules);
    expect(forward(onlyA, { kind: 'group', slot: 2, number: 2_000_091 })).toMatchObject({
      networkId: 'a',
      number: 2_000_091,
      rule: { id: 'a-rest-group' },
    });
    expect(forward(onlyA, { kind: 'private', slot: 2, number: 2_004_000 })).toBeNull();
    const mute = routeTable('several', ['a'], [{ ...prefixRule('a', 'group', 1), reply: false }]);
    expect(answer(forward(mute, { kind: 'group', slot: 2, number: 1_000_091 })!)).toBeNull();
    expect(numberFor(mute, 'a', 'group', 91, 2)).toBe(1_000_091);
  });
});

/** A small number space, so that brute force can look at all of it. */
const SMALL = 60;
const smallRule = fc
  .record({
    networkId: fc.constantFrom(...NETWORKS),
    call: fc.constantFrom('group' as const, 'private' as const),
    all: fc.integer({ min: 0, max: 7 }),
    slot: fc.constantFrom(1 as const, 2 as const),
    networkSlot: fc.constantFrom(1 as const, 2 as const),
    first: fc.integer({ min: 1, max: SMALL }),
    networkFirst: fc.integer({ min: 1, max: SMALL }),
    count: fc.integer({ min: 1, max: 25 }),
    reply: fc.boolean(),
  })
  .map(({ networkId, call, all, reply, ...range }): RouteRule => ({
    id: '',
    networkId,
    call,
    range:
      all === 0
        ? null
        : {
            slot: range.slot,
            first: range.first,
            networkSlot: range.networkSlot,
            networkFirst: range.networkFirst,
            count: range.count,
          },
    reply,
  }));
const smallRules = fc
  .array(smallRule, { minLength: 1, maxLength: 8 })
  .map((rules) => rules.map((rule, at) => ({ ...rule, id: `r${at}` })));
const everyCall = (['group', 'private'] as const).flatMap((kind) =>
  ([1, 2] as const).flatMap((slot) =>
    Array.from({ length: SMALL + 30 }, (_, at): Call => ({ kind, slot, number: at + 1 })),
  ),
);
const claims = (rule: RouteRule, call: Call) =>
  rule.call === call.kind &&
  claimsSlot(rule, call.slot) &&
  call.number >= claimOf(rule).first &&
  call.number <= claimOf(rule).last;

describe('any set of rules', () => {
  it('the first that claims a call takes it, and back is the inverse of out', () => {
    fc.assert(
      fc.property(smallRules, (rules) => {
        const table = routeTable('several', NETWORKS, rules);
        for (const call of everyCall) {
          const first = rules.find((rule) => claims(rule, call)) ?? null;
          expect(matchingRule(table, call)).toBe(first);
          const routed = forward(table, call);
          expect(routed === null).toBe(first === null);
          if (!routed) continue;
          if (first!.reply) expect(answer(routed)).toEqual(call);
          else expect(answer(routed)).toBeNull();
        }
      }),
      { numRuns: 80 },
    );
  });

  it('a number found for a place leads there', () => {
    fc.assert(
      fc.property(
        smallRules,
        fc.constantFrom(...NETWORKS),
        fc.integer({ min: 1, max: SMALL }),
        fc.constantFrom(1 as const, 2 as const),
        (rules, networkId, number, slot) => {
          const table = routeTable('several', NETWORKS, rules);
          const found = numberFor(table, networkId, 'group', number, slot);
          const leads = (sent: number) => {
            const routed = forward(table, { kind: 'group', slot, number: sent });
            return routed?.networkId === networkId && routed.number === number;
          };
          if (found !== null) expect(leads(found)).toBe(true);
          else expect(Array.from({ length: SMALL + 30 }, (_, at) => at + 1).some(leads)).toBe(false);
        },
      ),
      { numRuns: 150 },
    );
  });

  it('shadows are what brute force finds', () => {
    fc.assert(
      fc.property(smallRules, (rules) => {
        const found = new Map(shadows(rules).map((one) => [one.rule.id, one]));
        const table = routeTable('several', NETWORKS, rules);
        for (const rule of rules) {
          const mine = everyCall.filter((call) => claims(rule, call));
          const lost = mine.filter((call) => matchingRule(table, call) !== rule);
          const shadow = found.get(rule.id);
          expect(shadow !== undefined).toBe(lost.length > 0);
          if (!shadow) continue;
          // A catch-all reaches past the small space, where only another one takes from it.
          const whole = rule.range
            ? mine.length === lost.length
            : rules.some(
                (other) =>
                  rules.indexOf(other) < rules.indexOf(rule) && other.call === rule.call && other.range === null,
              );
          expect(shadow.wholly).toBe(whole);
          const inTaken = (number: number) => shadow.taken.some((one) => number >= one.first && number <= one.last);
          for (const call of lost) expect(inTaken(call.number)).toBe(true);
          if (rule.range)
            for (const call of mine) expect(inTaken(call.number)).toBe(lost.some((one) => one.number === call.number));
          expect(shadow.by).toEqual(
            rules.filter(
              (other) => rules.indexOf(other) < rules.indexOf(rule) && mine.some((call) => claims(other, call)),
            ),
          );
        }
      }),
      { numRuns: 80 },
    );
  });

  it('segments cover the radio side once, each with the rule that takes it', () => {
    fc.assert(
      fc.property(smallRules, (rules) => {
        const table = routeTable('several', NETWORKS, rules);
        const parts = segments(table, 'group', 2);
        expect(parts[0]!.first).toBe(1);
        expect(parts.at(-1)!.last).toBe(0xfffcdf);
        parts.slice(1).forEach((part, at) => expect(part.first).toBe(parts[at]!.last + 1));
        for (const call of everyCall.filter((one) => one.kind === 'group' && one.slot === 2)) {
          const part = parts.find((one) => call.number >= one.first && call.number <= one.last)!;
          expect(part.rule).toBe(matchingRule(table, call));
          expect(part.hidden).toEqual(table.rules.filter((rule) => rule !== part.rule && claims(rule, call)));
        }
      }),
      { numRuns: 60 },
    );
  });

  it('joined stretches hold the same numbers, apart', () => {
    expect(
      joined([
        { first: 8, last: 9 },
        { first: 1, last: 3 },
        { first: 4, last: 5 },
        { first: 2, last: 2 },
      ]),
    ).toEqual([
      { first: 1, last: 5 },
      { first: 8, last: 9 },
    ]);
  });
});

describe('the prefix planner', () => {
  it('gives 1 and 8 where IDs begin with 999, and says why 9 is passed over', () => {
    const plan = edit(samplePlan(), (draft) => {
      causeway(draft);
      putRow(draft.networks, newNetwork('dmr', 'n3', 'Third'));
    }).plan;
    const { prefixes, passedOver } = planPrefixes(plan, ['n1', 'n2', 'n3'], []);
    expect(prefixes.map((one) => one.prefix)).toEqual([1, 8, 10]);
    expect(passedOver).toEqual([{ prefix: 9, why: 'your DMR ID, 9992417, lies in it' }]);
  });

  it('keeps every channel on what it reaches, its contact and its place in the list', () => {
    const before = edit(samplePlan(), causeway).plan;
    const proposal = proposeRouting(before, 's1', ['n1', 'n2']);
    expect(proposal.changes.map(({ channelId, from, to }) => [channelId, from, to])).toEqual([
      ['ch-w-g1', 417, 1_000_417],
      ['ch-w-g2', 588, 1_000_588],
      ['ch-w-g3', 591, 1_000_591],
      ['ch-w-echo', 9990, 1_009_990],
    ]);
    const { plan, inverse } = edit(before, (draft) => acceptRouting(draft, 's1', ['n1', 'n2'], proposal));
    expect(validatePlan(plan).problems).toEqual([]);
    expect(runChecks(planIndex(plan))).toEqual([]);
    expect(rows(plan.codeplugs['r1']!.dmr.contacts).map((one) => [one.name, one.number])).toEqual([
      ['Hask Wide', 1_000_417],
      ['Ostrey All', 1_000_588],
      ['Ferry Net', 1_000_591],
      ['Echo Lantern', 1_009_990],
    ]);
    expect(plan.codeplugs['r1']!.dmr.receiveLists.byId['rl-n1-s1']!.groups).toEqual([1_000_417, 1_000_588, 1_000_591]);
    // What the planner moved is no work by hand, so building again changes nothing.
    expect(edit(plan, carryOut()).patches).toEqual([]);
    expect(
      edit(plan, (draft) => acceptRouting(draft, 's1', ['n1', 'n2'], proposeRouting(plan, 's1', ['n1', 'n2']))).plan,
    ).toEqual(plan);
    expect(inverse.length).toBeGreaterThan(0);
  });

  it('leaves a contact and a list that others use as they are, beside the new', () => {
    const plan = edit(samplePlan(), (draft) => {
      causeway(draft);
      const other = structuredClone({
        ...samplePlan().codeplugs['r1']!.channels.byId['ch-w-g1']!,
        id: 'other',
        siteId: null,
        purpose: null,
        wantId: null,
      });
      putRow(draft.codeplugs['r1']!.channels, other);
    }).plan;
    const { contacts, receiveLists } = edit(plan, (draft) =>
      acceptRouting(draft, 's1', ['n1', 'n2'], proposeRouting(plan, 's1', ['n1', 'n2'])),
    ).plan.codeplugs['r1']!.dmr;
    expect(
      rows(contacts)
        .filter((one) => one.name.startsWith('Hask'))
        .map((one) => [one.name, one.number]),
    ).toEqual([
      ['Hask Wide', 417],
      ['Hask Wide 2', 1_000_417],
    ]);
    expect(receiveLists.byId['rl-n1-s1']!.groups).toEqual([417, 588, 591, 1_000_417, 1_000_588, 1_000_591]);
  });

  it('changes a prefix and takes the channels along', () => {
    const plan = edit(routedPlan(), (draft) => changePrefix(draft, 's1', 'n2', 12)).plan;
    expect(prefixOf(rows(profileOf(plan, 's1').dmr.rules), 'n2')).toBe(12);
    expect(channelOf(plan, 'k1').dmr.call.number).toBe(12_000_417);
    expect(runChecks(planIndex(plan))).toEqual([]);
    // Prefix 16 has room for 776,415 numbers only.
    expect(ruleOf(edit(plan, (draft) => changePrefix(draft, 's1', 'n2', 16)).plan, 'r-n2-group').range!.count).toBe(
      776_415,
    );
  });

  it('passes numbers of seven digits as they are', () => {
    const plan = edit(samplePlan(), (draft) => {
      causeway(draft);
      putRow(dmrNetwork(draft, 'n2')!.groups, { id: 'own', name: 'Own', number: 9_992_417, category: 'local' });
      putRow(draft.wants, {
        id: 'w-own',
        destination: { mode: 'dmr', kind: 'group', networkId: 'n2', groupId: 'own' },
        radioId: 'r1',
        siteId: 's1',
      });
      acceptRouting(draft, 's1', ['n1', 'n2'], proposeRouting(draft, 's1', ['n1', 'n2']));
    }).plan;
    const built = edit(plan, carryOut()).plan;
    expect(channelOf(built, 'own').dmr.call.number).toBe(9_992_417);
    expect(radioNumber(built, 's1', 'n2', 'group', 9_992_417)).toBe(9_992_417);
    expect(runChecks(planIndex(built))).toEqual([]);
  });

  it('three networks and sixty wanted groups build without a finding', () => {
    const ids = ['n1', 'n2', 'n3'];
    const wanted = edit(samplePlan(), (draft) => {
      causeway(draft);
      profileOf(draft, 's1').dmr.logins['n3'] = {
        ...newLogin(),
        enabled: false,
        serverId: 'srv',
        suffix: 3,
        password: 'practice',
      };
      putRow(draft.networks, {
        ...newNetwork('dmr', 'n3', 'Third'),
        servers: tableOf([newServer('srv', 'One', 'one.example')]),
      });
      // The same numbers and names on all three networks: the hardest to tell apart.
      for (const [at, id] of ids.entries()) {
        dmrNetwork(draft, id)!.groups = tableOf(
          Array.from({ length: 20 }, (_, n) => ({
            id: `x${n}`,
            name: `Group ${'ABCDEFGHIJKLMNOPQRST'[n]}`,
            number: 100 + n * 7 + (n % 3 === at ? 0 : at),
            category: 'local' as const,
          })),
        );
        for (let n = 0; n < 20; n += 1)
          putRow(draft.wants, {
            id: `${id}-x${n}`,
            destination: { mode: 'dmr', kind: 'group', networkId: id, groupId: `x${n}` },
            radioId: 'r1',
            siteId: 's1',
          });
      }
      for (const id of ['w-g1', 'w-g2', 'w-g3']) {
        delete draft.wants.byId[id];
        draft.wants.order.splice(draft.wants.order.indexOf(id), 1);
      }
    }).plan;
    const routed = edit(wanted, (draft) => acceptRouting(draft, 's1', ids, proposeRouting(draft, 's1', ids))).plan;
    const built = edit(routed, carryOut()).plan;
    expect(
      rows(built.codeplugs['r1']!.channels).filter((channel) => channel.destination?.kind === 'group'),
    ).toHaveLength(60);
    expect(runChecks(planIndex(built))).toEqual([]);
  });
});

describe('what must be reprogrammed', () => {
  it('is the difference to what was written: radio, channels, old and new, with the place on the network', () => {
    const written = edit(samplePlan(), (draft) => markWritten(draft, 'r1', '2026-11-02T18:30:00Z')).plan;
    expect(reprogrammingList(planIndex(written))).toEqual([]);
    const routed = edit(written, (draft) => {
      causeway(draft);
      acceptRouting(draft, 's1', ['n1', 'n2'], proposeRouting(draft, 's1', ['n1', 'n2']));
    }).plan;
    const [list] = reprogrammingList(planIndex(routed));
    expect(list).toMatchObject({ radioName: 'Handheld', writtenAt: '2026-11-02T18:30:00Z' });
    expect(list!.records.map((one) => one.what)).toEqual(['contact', 'receive list']);
    expect(list!.channels).toHaveLength(4);
    expect(list!.channels[0]).toEqual({
      channelId: 'ch-w-g1',
      name: 'Hask Wide',
      kind: 'changed',
      changes: [{ field: 'Number', from: '417', to: '1000417' }],
      place: 'Lantern 417',
    });
    const changesOf = (what: string) => list!.records.find((one) => one.what === what)!.changes;
    expect(changesOf('contact')[0]).toEqual({
      name: 'Hask Wide',
      kind: 'changed',
      from: 'Hask Wide, group 417',
      to: 'Hask Wide, group 1000417',
    });
    expect(changesOf('receive list')).toEqual([
      { name: 'Lantern', kind: 'changed', from: '417, 588, 591', to: '1000417, 1000588, 1000591' },
    ]);
    expect(
      reprogrammingList(planIndex(edit(routed, (draft) => markWritten(draft, 'r1', '2026-11-03T18:30:00Z')).plan)),
    ).toEqual([]);
  });

  it('is everything for a radio that was never written to, and names what goes', () => {
    expect(reprogrammingList(planIndex(samplePlan()))[0]).toMatchObject({
      writtenAt: null,
      channels: [{ kind: 'new' }, { kind: 'new' }, { kind: 'new' }, { kind: 'new' }],
    });
    const fewer = edit(
      samplePlan((draft) => markWritten(draft, 'r1', '2026-11-02T18:30:00Z')),
      (draft) => {
        delete draft.codeplugs['r1']!.channels.byId['ch-w-g3'];
      },
    ).plan;
    expect(reprogrammingList(planIndex(fewer))[0]!.channels).toEqual([
      { channelId: 'ch-w-g3', name: 'Ferry Net', kind: 'gone', changes: [], place: '' },
    ]);
  });
});
