import { describe, expect, it } from 'vitest';
import { channelOf } from '@relay/core/testing/sample-plan';
import { routedPlan } from '@relay/core/testing/sample-routes';
import { awakeAt } from './awake';
import { keyedNow } from './keyed';
import { dmrNetwork } from '@relay/core/modes/dmr/networks';

const plan = routedPlan((draft) => void (dmrNetwork(draft, 'n2')!.dynamicTimerMin = 15));
const MINUTE = 60_000;

describe('dynamic groups that were keyed', () => {
  it('stay awake for the network’s time, under the network’s number', () => {
    const keyed = keyedNow([], plan, channelOf(plan, 'k1'), 0);
    expect(awakeAt(keyed, 5 * MINUTE)).toEqual([{ siteId: 's1', networkId: 'n2', slot: 2, number: 417, minutesLeft: 10 }]);
    expect(awakeAt(keyed, 15 * MINUTE)).toEqual([]);
  });

  it('a second one replaces the first of its network and slot, and leaves the other network’s', () => {
    const first = keyedNow([], plan, channelOf(plan, 'g1'), 0);
    const both = keyedNow(first, plan, channelOf(plan, 'k1'), MINUTE);
    const third = keyedNow(both, plan, channelOf(plan, 'g2'), 2 * MINUTE);
    expect(awakeAt(third, 2 * MINUTE).map((one) => one.number)).toEqual([417, 588]);
    expect(awakeAt(third, 2 * MINUTE).map((one) => one.networkId)).toEqual(['n2', 'n1']);
  });

  it('a private call, or one that goes nowhere, wakes nothing', () => {
    expect(keyedNow([], plan, channelOf(plan, 'unlink'), 0)).toEqual([]);
    expect(keyedNow([], plan, { ...channelOf(plan, 'g1'), siteId: null }, 0)).toEqual([]);
  });
});
