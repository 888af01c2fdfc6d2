import { describe, expect, it } from 'vitest';
import { runChecks } from './run';
import { explain } from './explain';
import { frequencyDiffers } from './frequency-differs';
import { colorCodeDiffers } from '../modes/dmr/checks/color-code-differs';
import { planIndex } from '../registries/modes';
import { TODAY } from '../testing/check-tester';
import { channelOf, samplePlan } from '../testing/sample-plan';
import type { Recipe } from '../plan/edit';

const presses = (check: typeof colorCodeDiffers, change: Recipe) =>
  runChecks(planIndex(samplePlan(change), { today: TODAY }), [check]).map((one) => explain(check, one).fixLabels);

describe('both ways', () => {
  it('are offered with what each changes where most channels have another value than their hotspot', () => {
    const moved = presses(colorCodeDiffers, (plan) => void (plan.sites.byId['s1']!.dmr!.colorCode = 2));
    expect(moved).toEqual(Array(4).fill(['Set the channel to 2', 'Set Home to 1: 4 of its channels have that']));
    expect(
      presses(
        frequencyDiffers,
        (plan) => void Object.assign(plan.sites.byId['s1']!, { txHz: 438.8e6, rxHz: 438.8e6 }),
      )[0],
    ).toEqual(['Set the channel to 438.8000 MHz', 'Set Home to 439.1250 MHz: 4 of its channels have that']);
  });

  it('say how many would differ then', () => {
    const change: Recipe = (plan) => {
      plan.sites.byId['s1']!.dmr!.colorCode = 2;
      channelOf(plan, 'g1').dmr.colorCode = 2;
    };
    expect(presses(colorCodeDiffers, change)[0]![1]).toBe('Set Home to 1: 3 of its channels have that, 1 would differ');
  });

  it('are one where the channel is the odd one out, or as many have either', () => {
    expect(presses(colorCodeDiffers, (plan) => void (channelOf(plan, 'g1').dmr.colorCode = 7))).toEqual([
      ['Set the channel to 1'],
    ]);
    const half: Recipe = (plan) => {
      for (const id of ['g1', 'g2']) channelOf(plan, id).dmr.colorCode = 7;
    };
    expect(presses(colorCodeDiffers, half).every((one) => one.length === 1)).toBe(true);
  });
});
