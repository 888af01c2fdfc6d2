import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { newZone } from '../plan/create';
import { edit } from '../plan/edit';
import { putRow } from '../plan/table';
import type { Id, Plan, ZoneRule, ZoneSource } from '../plan/types';
import { validatePlan } from '../plan/validate';
import { MODES, planIndex } from '../registries/modes';
import { sitesPlan } from '../testing/sample-sites';
import { mergeZones, moveChannels, splitToFit, splitZone, takeOut } from './acts';
import { inOrder } from './order';
import { lacksWayOut } from '../codeplug/way-out';
import { putUnlink } from '../testing/unlink-channel';
import { channelsOfRule, putRefreshes, refreshes, refreshOf } from './rule';

const rule = (from: ZoneSource, more: Partial<ZoneRule> = {}): ZoneRule => ({
  from,
  modes: [],
  order: 'distance',
  ...more,
});

const near = (withinKm: number): ZoneSource => ({ kind: 'near', centre: null, withinKm });
const DMR_NEAR = rule(near(50), { modes: ['dmr'] });

/** The sample with a zone that has this rule. */
const ruled = (one: ZoneRule, change: (plan: Plan) => void = () => undefined) =>
  sitesPlan((plan) => {
    putRow(plan.codeplugs['r1']!.zones, { ...newZone('near', 'Near', []), rule: one });
    change(plan);
  });
const filled = (plan: Plan) => edit(plan, (draft) => putRefreshes(draft, 'r1', refreshes(plan, MODES, 'r1'))).plan;
const zoneOf = (plan: Plan, id: Id = 'near') => plan.codeplugs['r1']!.zones.byId[id]!;

describe('a rule of a zone', () => {
  it.each<[string, ZoneRule, Id[]]>([
    [
      'what is within 1 km of a repeater, nearest first',
      rule({ kind: 'near', centre: { lat: 46.7132, lon: -33.4185 }, withinKm: 1 }),
      ['ch-w-head-g1', 'ch-w-head-g2', 'ch-w-g3', 'ch-w-g1', 'ch-w-g2', 'ch-w-echo'],
    ],
    ['of one mode', rule(near(50), { modes: ['fm'] }), ['ch-w-fm']],
    [
      'through one’s own hotspots, by name',
      rule({ kind: 'home' }, { order: 'name' }),
      ['ch-w-echo', 'ch-w-g3', 'ch-w-g1', 'ch-w-g2'],
    ],
    ['what a network answers itself', rule({ kind: 'purpose', purpose: 'service' }), ['ch-w-echo']],
    ['nothing of a network that no channel reaches', rule({ kind: 'network', networkId: 'n2' }), []],
  ])('%s', (_, one, expected) => {
    expect(channelsOfRule(sitesPlan(), MODES, 'r1', one)).toEqual(expected);
  });

  it('along a trip has what comes first on the way first, and leaves out what is off it', () => {
    const points = [
      { lat: 46.76, lon: -33.35 },
      { lat: 46.71, lon: -33.42 },
    ];
    const found = channelsOfRule(sitesPlan(), MODES, 'r1', rule({ kind: 'along', points, withinKm: 3 }));
    expect(found[0]).toBe('ch-w-mast-g1');
    expect(found).not.toContain('ch-w-fm');
    expect(
      channelsOfRule(sitesPlan(), MODES, 'r1', rule({ kind: 'along', points: points.slice(1), withinKm: 1 })),
    ).toContain('ch-w-head-g1');
  });

  it('takes in nothing by distance while nobody has said where the station is', () => {
    const plan = sitesPlan((draft) => void (draft.station.position = null));
    expect(channelsOfRule(plan, MODES, 'r1', DMR_NEAR)).toEqual([]);
  });

  it('tells what changes, does it once, and has nothing more to do', () => {
    const plan = ruled(DMR_NEAR);
    expect(refreshOf(plan, MODES, 'r1', 'near')!.added).toHaveLength(7);
    const done = filled(plan);
    expect(refreshes(done, MODES, 'r1')).toEqual([]);
    const less = edit(done, (draft) => void (draft.codeplugs['r1']!.channels.byId['ch-w-g1']!.siteId = null)).plan;
    expect(refreshOf(less, MODES, 'r1', 'near')).toMatchObject({ added: [], removed: ['ch-w-g1'], reordered: false });
  });

  it('says what finds no room, the nearest go in', () => {
    const plan = ruled(DMR_NEAR, (draft) => void (draft.radios.byId['r1']!.limits.channelsPerZone = 3));
    const { then, leftOut } = refreshOf(plan, MODES, 'r1', 'near')!;
    expect([then.length, leftOut.length]).toEqual([3, 4]);
    expect(leftOut).toContain('ch-w-mast-g1');
  });

  it('has the same channels in the same order, however those of the radio are ordered', () => {
    const plan = ruled(DMR_NEAR);
    const expected = channelsOfRule(plan, MODES, 'r1', DMR_NEAR);
    const { order } = plan.codeplugs['r1']!.channels;
    fc.assert(
      fc.property(fc.shuffledSubarray([...order], { minLength: order.length }), (shuffled) => {
        const other = edit(plan, (draft) => void (draft.codeplugs['r1']!.channels.order = shuffled)).plan;
        expect(channelsOfRule(other, MODES, 'r1', DMR_NEAR)).toEqual(expected);
        const asThere = channelsOfRule(other, MODES, 'r1', { ...DMR_NEAR, order: 'codeplug' });
        expect(asThere).toEqual(shuffled.filter((id) => expected.includes(id)));
      }),
    );
  });

  it('goes with its network, and stays a plan', () => {
    const plan = ruled(rule({ kind: 'network', networkId: 'n1' }));
    expect(validatePlan(plan).problems).toEqual([]);
    const { plan: without } = edit(plan, (draft) => {
      delete draft.networks.byId['n1'];
      draft.networks.order = draft.networks.order.filter((id) => id !== 'n1');
    });
    expect(zoneOf(without).rule).toBeNull();
  });
});

describe('zones by hand', () => {
  const ids = ['a', 'b', 'c', 'd', 'e'];
  const codeplugOf = (first: Id[], second: Id[]) => {
    const { codeplug } = { codeplug: structuredClone(sitesPlan().codeplugs['r1']!) };
    codeplug.zones = { byId: {}, order: [] };
    putRow(codeplug.zones, newZone('one', 'One', first));
    putRow(codeplug.zones, newZone('two', 'Two', second));
    return codeplug;
  };
  const list = fc.shuffledSubarray(ids);

  it('move any number of channels, and none is lost, doubled, or elsewhere than asked', () => {
    fc.assert(
      fc.property(
        list,
        list,
        list,
        fc.nat(6),
        fc.boolean(),
        fc.boolean(),
        (first, second, moved, at, within, copies) => {
          const going = moved.filter((id) => first.includes(id));
          const codeplug = codeplugOf([...first], [...second]);
          const toId = within ? 'one' : 'two';
          moveChannels(codeplug, going, copies ? null : 'one', toId, at);
          const [one, two] = [codeplug.zones.byId['one']!.channelIds, codeplug.zones.byId['two']!.channelIds];
          const to = within ? one : two;
          expect(new Set(to).size).toBe(to.length);
          expect(new Set([...one, ...two])).toEqual(new Set([...first, ...second]));
          expect(to.filter((id) => going.includes(id))).toEqual(going);
          if (going.length > 0) expect(to.slice(to.indexOf(going[0]!)).slice(0, going.length)).toEqual(going);
          if (!within && !copies) expect(one.filter((id) => going.includes(id))).toEqual([]);
        },
      ),
    );
  });

  it('are parted so that each fits, in their order, and joined again', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 9 }), (most) => {
        const plan = ruled(rule({ kind: 'home' }), (draft) => {
          draft.radios.byId['r1']!.limits.channelsPerZone = most;
          zoneOf(draft).channelIds = [...draft.codeplugs['r1']!.channels.order];
        });
        const all = zoneOf(plan).channelIds;
        let made: Id[] = [];
        const parted = edit(plan, (draft) => void (made = splitToFit(draft, 'r1', 'near'))).plan;
        const parts = ['near', ...made].map((id) => zoneOf(parted, id));
        expect(parts.flatMap(({ channelIds }) => channelIds)).toEqual(all);
        for (const { channelIds } of parts) expect(channelIds.length).toBeLessThanOrEqual(most);
        expect(new Set(parts.map(({ name }) => name)).size).toBe(parts.length);
        expect(validatePlan(parted).problems).toEqual([]);
        const joined = edit(parted, (draft) => {
          for (const id of made) mergeZones(draft.codeplugs['r1']!, 'near', id);
        }).plan;
        expect(zoneOf(joined).channelIds).toEqual(all);
      }),
    );
  });

  it('are not parted where one would be empty or the radio holds no more, and a channel can be taken out', () => {
    const plan = structuredClone(
      ruled(rule({ kind: 'home' }), (draft) => void (zoneOf(draft).channelIds = ['ch-w-g1', 'ch-w-g2'])),
    );
    expect([splitZone(plan, 'r1', 'near', 0), splitZone(plan, 'r1', 'near', 2)]).toEqual([null, null]);
    const { zones } = plan.codeplugs['r1']!;
    plan.radios.byId['r1']!.limits.zones = zones.order.length;
    expect(splitZone(plan, 'r1', 'near', 1)).toBeNull();
    takeOut(plan.codeplugs['r1']!, 'near', ['ch-w-g1']);
    expect(zoneOf(plan).channelIds).toEqual(['ch-w-g2']);
  });

  it('are put in order by use: what is talked through before what a network answers', () => {
    const plan = sitesPlan();
    const order = inOrder(plan, MODES, 'r1', ['ch-w-echo', 'ch-w-g2', 'gone', 'ch-w-g1'], 'use');
    expect(order).toEqual(['ch-w-g1', 'ch-w-g2', 'ch-w-echo']);
  });
});

describe('the way out of a zone', () => {
  const lacks = (plan: Plan, zoneId: Id) => lacksWayOut(planIndex(plan), 'r1', zoneId);

  it('is a channel of another zone; none where it is in this one, at a repeater, or where the radio has none', () => {
    const plan = sitesPlan((draft) => putUnlink(draft));
    const [talk] = plan.codeplugs['r1']!.zones.order;
    expect(lacks(plan, talk!)).toEqual([{ siteId: 's1', mode: 'dmr', channelId: 'unlink' }]);
    expect(lacks(plan, 'out')).toEqual([]);
    const both = edit(plan, (draft) => void zoneOf(draft, talk!).channelIds.push('unlink')).plan;
    expect(lacks(both, talk!)).toEqual([]);
    expect(lacks(sitesPlan(), talk!)).toEqual([]);
    const repeaters = edit(plan, (draft) => void (zoneOf(draft, 'out').channelIds = ['ch-w-head-g1'])).plan;
    expect(lacks(repeaters, 'out')).toEqual([]);
  });
});
