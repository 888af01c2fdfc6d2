import fc from 'fast-check';
import { beforeAll, describe, expect, it } from 'vitest';
import { recordsOf } from '../plan/records';
import { newRadio } from '../plan/create';
import { destinationKey } from '../plan/destination-key';
import { edit } from '../plan/edit';
import { putRow, rows } from '../plan/table';
import type { Plan, Priority, RadioLimits } from '../plan/types';
import { validatePlan } from '../plan/validate';
import { carryOut } from '../registries/builder';
import { MODES } from '../registries/modes';
import { sitesPlan } from '../testing/sample-sites';
import { bringAlong, putBrought } from './bring-along';
import { choose, type Solve } from './choose';
import { highsSolver } from './highs-solver';
import { fullBeside, overFor, type Problem } from './room';
import { type Possible, waysOf } from './ways';

let solve: Solve;
beforeAll(async () => void (solve = await highsSolver()));

const CLASSES: (Priority | null)[] = ['first', null, 'last'];

/** How good a choice is, by the objective: what counts more comes before. */
const valueOf = (possible: readonly Possible[], taken: ReadonlySet<number>): number[] => [
  ...CLASSES.map((one) => possible.filter(({ way }, at) => way.priority === one && taken.has(at)).length),
  possible.filter(({ want }, at) => want !== null && taken.has(at)).length,
];

/** The best of all choices, by trying every one. */
function bestOf(possible: readonly Possible[], problem: Problem): number[] {
  let best: number[] = [];
  for (let bits = 0; bits < 2 ** possible.length; bits += 1) {
    const taken = new Set([...possible.keys()].filter((at) => (bits >> at) & 1));
    if (![...problem.fixed].every((at) => taken.has(at)) || overFor(problem, taken).length > 0) continue;
    const value = valueOf(possible, taken);
    const differs = value.findIndex((one, at) => one !== (best[at] ?? -1));
    if (differs >= 0 && value[differs]! > (best[differs] ?? -1)) best = value;
  }
  return best;
}

/** A unit goes into one list of a kind. */
function apart<T extends { members: number[] }>(bins: readonly T[]): T[] {
  const seen = new Set<number>();
  return bins.map((bin) => ({ ...bin, members: bin.members.filter((unit) => seen.size < seen.add(unit).size) }));
}

describe('the choice where there is not room for all', () => {
  const unit = fc.nat(9);
  const instance = fc.record({
    needs: fc.array(fc.uniqueArray(unit, { minLength: 1, maxLength: 3 }), { minLength: 1, maxLength: 8 }),
    classes: fc.array(fc.constantFrom(...CLASSES), { minLength: 8, maxLength: 8 }),
    has: fc.array(fc.boolean(), { minLength: 8, maxLength: 8 }),
    rows: fc.array(fc.record({ units: fc.uniqueArray(unit, { minLength: 1 }), most: fc.nat(7) }), { maxLength: 2 }),
    bins: fc.array(
      fc.record({
        members: fc.uniqueArray(unit, { minLength: 1, maxLength: 6 }),
        free: fc.nat(2),
        each: fc.integer({ min: 1, max: 3 }),
      }),
      { maxLength: 3 },
    ),
    further: fc.nat(3),
  });

  it('is as good as the best of all choices, tried one by one, and goes over nothing', async () => {
    await fc.assert(
      fc.asyncProperty(instance, async ({ needs, classes, has, rows: all, bins, further }) => {
        const possible = needs.map(
          (_, at) =>
            ({
              way: { key: String(at), priority: classes[at] },
              drafts: [],
              want: has[at] ? {} : null,
            }) as unknown as Possible,
        );
        const problem: Problem = {
          needs,
          units: 10,
          rows: all.map((one) => ({ limit: 'channels', ...one })),
          lists: bins.length > 0 ? [{ limit: 'zones', bins: apart(bins), most: further }] : [],
          fixed: new Set(),
        };
        const taken = await choose(possible, problem, solve);
        expect(overFor(problem, taken)).toEqual([]);
        expect(valueOf(possible, taken)).toEqual(bestOf(possible, problem));
        const full = fullBeside(problem, taken);
        for (const at of possible.keys()) expect(full(at)).toEqual(overFor(problem, new Set([...taken, at])));
      }),
      { numRuns: 150 },
    );
  });

  it('is the best where several ways share a channel and one takes two places in a list', async () => {
    const problem: Problem = {
      needs: [[0, 2], [0], [0], [3, 1], [8], [0], [0]],
      units: 9,
      rows: [{ limit: 'channels', units: [1, 0, 8, 2], most: 2 }],
      lists: [
        {
          limit: 'zones',
          bins: [
            { members: [3, 1, 0, 2], free: 1, each: 2 },
            { members: [8], free: 0, each: 1 },
          ],
          most: 2,
        },
      ],
      fixed: new Set(),
    };
    const classes: (Priority | null)[] = ['first', 'last', 'last', 'first', null, 'last', null];
    const possible = classes.map(
      (priority, at) => ({ way: { key: String(at), priority }, drafts: [], want: null }) as unknown as Possible,
    );
    const taken = await choose(possible, problem, solve);
    expect(valueOf(possible, taken)).toEqual(bestOf(possible, problem));
  });
});

/** The sample with a second radio that wants nothing yet. */
const withSmall = (limits: Partial<RadioLimits>, change: (plan: Plan) => void = () => undefined) =>
  sitesPlan((plan) => {
    const radio = newRadio(
      'small',
      'Small',
      ['dmr', 'fm'],
      JSON.parse(JSON.stringify(plan.station)) as Plan['station'],
    );
    Object.assign(radio.limits, limits);
    putRow(plan.radios, radio);
    change(plan);
  });

const brought = (plan: Plan) => bringAlong(plan, MODES, plan.radios.order, solve);
async function done(plan: Plan): Promise<Plan> {
  const all = await brought(plan);
  const wanted = edit(plan, (draft) => putBrought(draft, all, () => false)).plan;
  return edit(wanted, carryOut()).plan;
}
/** What a radio holds of each thing that it has a limit for. */
function sizesOf(plan: Plan, radioId: string): Record<string, number> {
  const { channels, zones, dmr } = plan.codeplugs[radioId]!;
  return {
    channels: channels.order.length,
    zones: zones.order.length,
    channelsPerZone: Math.max(0, ...rows(zones).map(({ channelIds }) => channelIds.length)),
    contacts: dmr.contacts.order.length,
    receiveLists: dmr.receiveLists.order.length,
    groupsPerReceiveList: Math.max(0, ...rows(dmr.receiveLists).map(({ groups }) => groups.length)),
  };
}

describe('bringing radios along', () => {
  it('gives each what any of them wants, with channels that agree, and has nothing more to do', async () => {
    const plan = await done(withSmall({}));
    expect(waysOf(plan)).toHaveLength(8);
    expect(rows(plan.wants).filter(({ radioId }) => radioId === 'small')).toHaveLength(8);
    expect(plan.codeplugs['small']!.channels.order).toHaveLength(plan.codeplugs['r1']!.channels.order.length);
    for (const { adds, leaves, without } of await brought(plan)) expect([adds, leaves, without]).toEqual([[], [], []]);
    expect(await done(plan)).toEqual(plan);
    expect(validatePlan(plan).problems).toEqual([]);
  });

  it('says what a radio cannot have: the mode, the band', async () => {
    const plan = withSmall({}, (draft) => {
      draft.radios.byId['small']!.fm = null;
      draft.radios.byId['small']!.bands = [{ lowHz: 430_000_000, highHz: 439_200_000 }];
    });
    const small = (await brought(plan)).find(({ radioId }) => radioId === 'small')!;
    expect(small.without.map(({ way, why }) => [way.siteId, why])).toEqual([
      ['rp1', 'band'],
      ['rp1', 'band'],
      ['rp3', 'mode'],
    ]);
  });

  it('has what comes first in a small radio, and says what is full', async () => {
    const plan = withSmall({ channels: 3 }, (draft) => {
      draft.priorities[destinationKey({ mode: 'fm', kind: 'local' })] = 'first';
      draft.priorities[destinationKey({ mode: 'dmr', kind: 'group', networkId: 'n1', groupId: 'g1' })] = 'last';
    });
    const small = (await brought(plan)).find(({ radioId }) => radioId === 'small')!;
    expect(small.adds).toHaveLength(3);
    expect(small.adds.some(({ destination }) => destination.mode === 'fm')).toBe(true);
    expect(small.adds.some(({ destination }) => 'groupId' in destination && destination.groupId === 'g1')).toBe(false);
    for (const { why, full } of small.without) expect([why, full]).toEqual(['room', ['channels']]);
  });

  it('keeps a channel that somebody changed by hand, though something else would come first', async () => {
    const first = await done(withSmall({ channels: 1 }));
    const [kept] = first.codeplugs['small']!.channels.order;
    const plan = edit(first, (draft) => {
      draft.codeplugs['small']!.channels.byId[kept!]!.name = 'Mine';
      draft.priorities[destinationKey({ mode: 'fm', kind: 'local' })] = 'first';
    }).plan;
    const after = await done(plan);
    expect(rows(after.codeplugs['small']!.channels).map(({ name }) => name)).toEqual(['Mine']);
  });

  it('never goes over what a radio holds, and twice is once', async () => {
    const limits = fc.record({
      channels: fc.integer({ min: 1, max: 12 }),
      zones: fc.integer({ min: 1, max: 5 }),
      channelsPerZone: fc.integer({ min: 1, max: 6 }),
      contacts: fc.integer({ min: 1, max: 6 }),
      receiveLists: fc.integer({ min: 1, max: 4 }),
      groupsPerReceiveList: fc.integer({ min: 1, max: 4 }),
    });
    const first = fc.option(fc.constantFrom('g1', 'g2', 'g3'), { nil: null });
    await fc.assert(
      fc.asyncProperty(limits, first, async (has, groupId) => {
        const plan = withSmall(has, (draft) => {
          if (groupId)
            draft.priorities[destinationKey({ mode: 'dmr', kind: 'group', networkId: 'n1', groupId })] = 'first';
        });
        const after = await done(plan);
        for (const [what, size] of Object.entries(sizesOf(after, 'small')))
          expect(size, what).toBeLessThanOrEqual(has[what as keyof typeof has]);
        expect(recordsOf(after.codeplugs['small']!).length).toBeGreaterThan(0);
        expect(await done(after)).toEqual(after);
      }),
      { numRuns: 60 },
    );
  });
});
