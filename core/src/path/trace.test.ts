import { profileOf } from '../testing/profile-of';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { agreementOf } from '../agreement/agreement';
import { findingAtGap, findingsOfPath } from '../agreement/findings';
import type { Recipe } from '../plan/edit';
import { removeRow } from '../plan/table';
import { arbitraryPlan } from '../testing/arbitrary-plan';
import { channelOf, samplePlan } from '../testing/sample-plan';
import { routedPlan } from '../testing/sample-routes';
import { describePath } from './describe';
import { planIndex } from '../registries/modes';
import type { AwakeGroup } from '../plan/modes/dmr/types';
import type { HopId, Verdict } from './types';

function trace(change: Recipe, groupId = 'g1') {
  const found = planIndex(samplePlan(change))
    .paths()
    .find(({ context }) => context.channel.id === `ch-w-${groupId}`)!;
  return { ...found, view: describePath(found.path, found.context) };
}

interface Case {
  name: string;
  change: Recipe;
  call: [Verdict, HopId | null];
  reply: [Verdict, HopId | null];
}

const CASES: Case[] = [
  { name: 'the sample', change: () => undefined, call: ['whole', null], reply: ['whole', null] },
  {
    name: 'another color code',
    change: (plan) => void (plan.sites.byId['s1']!.dmr!.colorCode = 2),
    call: ['broken', 'site'],
    reply: ['broken', 'site'],
  },
  {
    name: 'slot 1 on simplex',
    change: (plan) => void (channelOf(plan, 'g1').dmr.slot = 1),
    call: ['broken', 'air'],
    reply: ['broken', 'air'],
  },
  {
    name: 'a shift: heard, not hearing',
    change: (plan) => void (channelOf(plan, 'g1').txHz = 431_525_000),
    call: ['broken', 'air'],
    reply: ['whole', null],
  },
  {
    name: 'group missing from the list of a radio that hears only its list',
    change: (plan) => {
      plan.radios.byId['r1']!.dmr!.hearsOwnGroup = false;
      plan.codeplugs['r1']!.dmr.receiveLists.byId['rl-n1-s1']!.groups = [588, 591];
    },
    call: ['whole', null],
    reply: ['broken', 'radio'],
  },
  {
    name: 'the same on a radio that hears its own group',
    change: (plan) => void (plan.codeplugs['r1']!.dmr.receiveLists.byId['rl-n1-s1']!.groups = [588, 591]),
    call: ['whole', null],
    reply: ['whole', null],
  },
  {
    name: 'no password',
    change: (plan) => void (profileOf(plan, 's1').dmr.logins['n1']!.password = ''),
    call: ['broken', 'gateway'],
    reply: ['broken', 'gateway'],
  },
  {
    name: 'another number',
    change: (plan) => void (channelOf(plan, 'g1').dmr.call.number = 588),
    call: ['broken', 'network'],
    reply: ['whole', null],
  },
  {
    name: 'channel free',
    change: (plan) => void (channelOf(plan, 'g1').dmr.admit = 'channel-free'),
    call: ['doubtful', 'radio'],
    reply: ['whole', null],
  },
  {
    name: 'no call sign',
    change: (plan) => void (plan.station.callSign = ''),
    call: ['broken', 'radio'],
    reply: ['whole', null],
  },
  {
    name: 'in the satellite segment with its hotspot',
    change: (plan) => {
      Object.assign(plan.sites.byId['s1']!, { rxHz: 435_500_000, txHz: 435_500_000 });
      Object.assign(channelOf(plan, 'g1'), { rxHz: 435_500_000, txHz: 435_500_000 });
    },
    call: ['broken', 'air'],
    reply: ['whole', null],
  },
  {
    name: 'its hotspot removed',
    change: (plan) => removeRow(plan.sites, 's1'),
    call: ['doubtful', 'site'],
    reply: ['whole', null],
  },
];

/** The moment at which the samples are looked at, ms. */
const NOW_MS = 1_000_000;

describe('through route rules', () => {
  const routed = (change: Recipe, groupId: string, awake: readonly AwakeGroup[] = []) => {
    const found = planIndex(routedPlan(change), {
      world: { nowMs: NOW_MS, sites: { s1: { dmr: { awake: [...awake] } } } },
    })
      .paths()
      .find(({ context }) => context.channel.id === `ch-w-${groupId}`)!;
    return { ...found, view: describePath(found.path, found.context) };
  };
  const activity = (view: ReturnType<typeof routed>['view']) =>
    view.reply.hops.find((hop) => hop.id === 'network')!.pairs.find((pair) => pair.fact.key === 'activity')?.has;

  it('both numbers are said, and the answer finds its way', () => {
    const { path, view } = routed(() => undefined, 'k1');
    expect(path.arrives).toEqual({ mode: 'dmr', networkId: 'n2', kind: 'group', number: 417 });
    expect(view.call.hops.find((hop) => hop.id === 'network')!.pairs[0]).toMatchObject({
      fact: { key: 'number', has: 8_000_417 },
      has: '8000417 → 417',
    });
    expect(
      view.call.hops.find((hop) => hop.id === 'gateway')!.pairs.find((pair) => pair.fact.key === 'route')!.has,
    ).toBe('rule 2');
    expect(view.words).toBe('whole, both ways');
  });

  it('a bare number goes to the wrong place, and says where', () => {
    const { path, view } = routed((plan) => void (channelOf(plan, 'k1').dmr.call.number = 417), 'k1');
    expect(path).toMatchObject({ outcome: 'wrong place', call: { verdict: 'broken', at: 'network' } });
    expect(view.words).toBe('goes to the wrong place: Lantern, group 417, Hask Wide');
    expect(view.call.hops.find((hop) => hop.id === 'network')!.pairs[0]).toMatchObject({
      has: '417',
      expects: '8000417 → 417',
    });
  });

  it('the catch-all first breaks exactly the groups it swallows, at the gateway, and says where they go', () => {
    const paths = planIndex(
      routedPlan(
        (plan) => void profileOf(plan, 's1').dmr.rules.order.unshift(profileOf(plan, 's1').dmr.rules.order.pop()!),
      ),
    ).paths();
    const outcomes = Object.fromEntries(paths.map(({ path, context }) => [context.channel.name, path.outcome]));
    expect(outcomes).toEqual({
      'Hask Wide': 'wrong place',
      'Ostrey All': 'wrong place',
      'Ferry Net': 'wrong place',
      Harbour: 'wrong place',
      'Ferry Crew': 'wrong place',
      'Echo Lantern': 'whole',
      'Unlink Lantern': 'whole',
    });
    expect(
      paths
        .filter(({ path }) => path.outcome === 'wrong place')
        .every(({ path }) => path.call.at === 'gateway' && path.arrives?.networkId === 'n1'),
    ).toBe(true);
  });

  it('without the private rule unlink stops at the gateway', () => {
    const { path, view } = routed((plan) => removeRow(profileOf(plan, 's1').dmr.rules, 'r-n1-private'), 'unlink');
    expect(path).toMatchObject({ outcome: 'stops', arrives: null, call: { at: 'gateway' } });
    expect(view.words).toBe('broken at the gateway');
  });

  it('a rule without its reply lets you talk and hear nothing', () => {
    const { path, view } = routed(
      (plan) => void (profileOf(plan, 's1').dmr.rules.byId['r-n2-group']!.reply = false),
      'k1',
    );
    expect(path).toMatchObject({
      outcome: 'not hearing',
      call: { verdict: 'whole' },
      reply: { verdict: 'broken', at: 'gateway' },
    });
    expect(view.words).toBe('you can talk but will not hear: broken at the gateway');
  });

  it('says whether a group is static, awake or asleep', () => {
    expect(activity(routed(() => undefined, 'g1').view)).toBe('dynamic, silent until you key it once');
    expect(
      activity(routed((plan) => void profileOf(plan, 's1').dmr.logins['n1']!.staticGroupIds.push('g1'), 'g1').view),
    ).toBe('static');
    const keyed = (minutesLeft: number, slot: 1 | 2 = 2) => [
      { networkId: 'n1', slot, number: 417, untilMs: NOW_MS + minutesLeft * 60_000 },
    ];
    expect(activity(routed(() => undefined, 'g1', keyed(6.2)).view)).toBe('dynamic, awake for 7 min');
    expect(activity(routed(() => undefined, 'g1', keyed(0)).view)).toBe('dynamic, silent until you key it once');
    expect(activity(routed(() => undefined, 'g1', keyed(6, 1)).view)).toBe('dynamic, silent until you key it once');
    expect(activity(routed(() => undefined, 'g2', keyed(6)).view)).toBe('dynamic, silent until you key it once');
    expect(activity(routed(() => undefined, 'unlink').view)).toBeUndefined();
  });
});

describe('trace', () => {
  it.each(CASES)('$name', ({ change, call, reply }) => {
    const { path } = trace(change);
    expect([path.call.verdict, path.call.at]).toEqual(call);
    expect([path.reply.verdict, path.reply.at]).toEqual(reply);
  });

  it('says where the call ends up', () => {
    expect(trace(() => undefined).path.arrives).toEqual({ mode: 'dmr', networkId: 'n1', kind: 'group', number: 417 });
    expect(trace((plan) => void (channelOf(plan, 'g1').dmr.call.number = 588)).path.arrives).toMatchObject({
      number: 588,
    });
    expect(trace(() => undefined, 'echo').path.arrives).toMatchObject({ kind: 'private', number: 9990 });
    expect(trace((plan) => void (plan.sites.byId['s1']!.dmr!.colorCode = 2)).path.arrives).toBeNull();
  });

  it('shows both values at the hop that breaks', () => {
    const { view } = trace((plan) => void (plan.sites.byId['s1']!.dmr!.colorCode = 2));
    const site = view.call.hops.find((hop) => hop.id === 'site')!;
    expect(site.pairs.find((pair) => pair.fact.key === 'color-code')).toEqual({
      fact: { key: 'color-code', has: 1, expects: 2, state: 'broken' },
      name: 'color code',
      has: '1',
      expects: '2',
      state: 'broken',
    });
    expect(view.call.words).toBe('broken at the hotspot');
  });

  it('shows at the gap the finding of the very hop that breaks', () => {
    const spoil: Recipe = (plan) => {
      channelOf(plan, 'g1').rxHz = 438_000_000;
      channelOf(plan, 'g1').dmr.colorCode = 9;
      plan.radios.byId['r1']!.dmr!.id = 9_993_106;
    };
    const { view } = trace(spoil);
    const plan = samplePlan(spoil);
    const at = (change: Recipe) => {
      const next = samplePlan((draft) => (spoil(draft), change(draft)));
      const traced = planIndex(next).paths()[0]!;
      return findingAtGap(
        findingsOfPath(agreementOf(next).findings, 'r1', 'ch-w-g1', 's1'),
        describePath(traced.path, traced.context),
      )?.check;
    };
    expect(findingAtGap(findingsOfPath(agreementOf(plan).findings, 'r1', 'ch-w-g1', 's1'), view)?.check).toBe(
      'radio-id-differs',
    );
    expect(at((draft) => void (draft.radios.byId['r1']!.dmr!.id = 9_992_417))).toBe('frequency-differs');
    expect(
      at((draft) => {
        draft.radios.byId['r1']!.dmr!.id = 9_992_417;
        channelOf(draft, 'g1').rxHz = 439_125_000;
      }),
    ).toBe('color-code-differs');
  });

  it('has a finding for every pair that does not agree, and nothing but notes about a path that is whole', () => {
    fc.assert(
      fc.property(arbitraryPlan, (plan) => {
        const index = planIndex(plan);
        const { findings } = agreementOf(plan, index);
        for (const { path, context } of index.paths()) {
          const mine = findingsOfPath(findings, path.radioId, path.channelId, context.site?.id ?? null);
          const off = new Set(
            [...path.call.hops, ...path.reply.hops].flatMap((hop) =>
              hop.facts.filter((fact) => fact.state !== 'whole').map((fact) => fact.key),
            ),
          );
          // A missing or malformed ID is the station's finding; the radio cannot be held against it.
          const explained = new Set(mine.map((finding) => finding.fact));
          if (findings.some((finding) => finding.check.startsWith('dmr-id-'))) explained.add('own-id');
          for (const key of off) expect([...explained], `${key} of ${path.channelId}`).toContain(key);
          if (path.verdict === 'whole')
            expect(
              mine.filter(
                ({ fact, subject, severity }) =>
                  fact !== null && subject.channelId !== undefined && severity !== 'note',
              ),
            ).toEqual([]);
        }
      }),
      { numRuns: 200 },
    );
  });

  it('is the same for the same plan, whatever the order of keys in it', () => {
    const plan = samplePlan((draft) => void (draft.sites.byId['s1']!.dmr!.colorCode = 2));
    const shuffled = JSON.parse(
      JSON.stringify(plan, (_, value: unknown) =>
        value && typeof value === 'object' && !Array.isArray(value)
          ? Object.fromEntries(Object.entries(value).reverse())
          : value,
      ),
    ) as typeof plan;
    expect(agreementOf(shuffled)).toEqual(agreementOf(plan));
  });
});
