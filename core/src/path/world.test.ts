import { describe, expect, it } from 'vitest';
import { dmrNetwork } from '../modes/dmr/networks';
import { planIndex } from '../registries/modes';
import { p25Plan } from '../testing/sample-p25';
import { routedPlan } from '../testing/sample-routes';
import { channelOf } from '../testing/sample-plan';
import type { Channel, Plan } from '../plan/types';
import { contextOf } from './context';
import { describePath } from './describe';
import { keyUp } from './key-up';
import type { PlanIndex } from './types';
import { NO_WORLD, stateOf, withState, type World } from './world';

const MINUTE = 60_000;
const plan = routedPlan((draft) => void (dmrNetwork(draft, 'n2')!.dynamicTimerMin = 15));

/** What the path says of a group that is not static. */
function activity(index: PlanIndex, part: string): string | undefined {
  const { path, context } = index.paths().find((one) => one.context.channel.id === channelOf(plan, part).id)!;
  return describePath(path, context)
    .reply.hops.flatMap((hop) => hop.pairs)
    .find((pair) => pair.fact.key === 'activity')?.has;
}

const keyed = (of: Plan, channel: Channel, world: World, atMs: number) =>
  keyUp(world, contextOf(planIndex(of).with(world), 'r1', channel), atMs);

describe('the world beside a plan', () => {
  it('is answered by a fresh index: paths that were asked before do not stand in the way', () => {
    const index = planIndex(plan);
    const before = activity(index, 'k1');
    const world = keyed(plan, channelOf(plan, 'k1'), NO_WORLD, MINUTE);
    expect(activity(index.with(world), 'k1')).toBe('dynamic, awake for 15 min');
    expect(activity(index.with({ ...world, nowMs: 11 * MINUTE }), 'k1')).toBe('dynamic, awake for 5 min');
    expect([activity(index, 'k1'), activity(index.with(world).with(NO_WORLD), 'k1')]).toEqual([before, before]);
  });

  it('holds one state a site and mode; what was said can be taken back', () => {
    const said = withState(withState(NO_WORLD, 's1', 'p25', { linkedTo: 4170 }), 's1', 'c4fm', { connectedTo: null });
    expect([stateOf(said, 's1', 'p25'), stateOf(said, 's1', 'c4fm'), stateOf(said, 's2', 'p25')]).toEqual([
      { linkedTo: 4170 },
      { connectedTo: null },
      undefined,
    ]);
    expect(stateOf(withState(said, 's1', 'p25', undefined), 's1', 'p25')).toBeUndefined();
    expect(stateOf(withState(said, 's1', 'p25', undefined), 's1', 'c4fm')).toEqual({ connectedTo: null });
  });

  it('changes by keying a channel, by the machine of its mode', () => {
    const first = keyed(plan, channelOf(plan, 'g1'), NO_WORLD, 0);
    const both = keyed(plan, channelOf(plan, 'k1'), first, MINUTE);
    const third = keyed(plan, channelOf(plan, 'g2'), both, 2 * MINUTE);
    expect(stateOf(third, 's1', 'dmr')!.awake.map((one) => [one.networkId, one.number])).toEqual([
      ['n2', 417],
      ['n1', 588],
    ]);
  });

  it('stays as it is where keying means nothing', () => {
    expect(keyed(plan, channelOf(plan, 'unlink'), NO_WORLD, 0)).toEqual(NO_WORLD);
    expect(keyed(plan, { ...channelOf(plan, 'g1'), siteId: null }, NO_WORLD, 0)).toEqual(NO_WORLD);
    const p25 = p25Plan();
    const quay = p25.codeplugs['r4']!.channels.byId['ch-w-quay']!;
    expect(stateOf(keyUp(NO_WORLD, contextOf(planIndex(p25), 'r4', quay), 5), 's1', 'p25')).toEqual({ linkedTo: 4170 });
  });
});
