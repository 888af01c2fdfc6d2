import { describe, expect, it } from 'vitest';
import { travel } from '@relay/core/modes/dmr/routes/travel';
import { planIndex } from '@relay/core/registries/modes';
import { removeRow } from '@relay/core/plan/table';
import type { Plan } from '@relay/core/plan/types';
import { profileOf } from '@relay/core/testing/profile-of';
import { samplePlan } from '@relay/core/testing/sample-plan';
import { routedPlan } from '@relay/core/testing/sample-routes';
import { journey, ribbonOf, WIDTH, xOnNetwork, xOnRadio } from './ribbon';

const ribbon = (change: (plan: Plan) => void = () => undefined) =>
  ribbonOf(planIndex(routedPlan(change)), 's1', 'group', 2);

describe('the number ribbon', () => {
  it('covers the radio side from edge to edge, rules and what lies between', () => {
    const { parts, networks, bands } = ribbon();
    expect(parts.map((part) => [part.title, part.first, part.last])).toEqual([
      ['catch-all', 1, 1_000_000],
      ['rule 1', 1_000_001, 1_999_999],
      ['catch-all', 2_000_000, 8_000_000],
      ['rule 2', 8_000_001, 8_999_999],
      ['catch-all', 9_000_000, 16_776_415],
    ]);
    expect(parts[0]!.x0).toBe(0);
    expect(parts.at(-1)!.x1).toBeCloseTo(WIDTH, 6);
    parts.slice(1).forEach((part, at) => expect(part.x0).toBe(parts[at]!.x1));
    expect(networks.map((network) => network.name)).toEqual(['Lantern', 'Causeway']);
    // Only the network with the catch-all has a pocket for what comes as sent.
    expect(networks.map((network) => network.pocket > network.x0)).toEqual([true, false]);
    expect(bands.filter((band) => band.kind === 'hidden')).toEqual([]);
  });

  it('keeps small and large numbers apart on one scale', () => {
    const drawn = ribbon();
    const x = (number: number) => xOnRadio(drawn, number);
    for (const [a, b] of [
      [9, 91],
      [91, 417],
      [8_000_009, 8_000_091],
      [8_000_091, 8_000_417],
    ] as const)
      expect(x(b) - x(a)).toBeGreaterThan(12);
    for (let number = 1; number < 16_776_415; number = Math.ceil(number * 1.37))
      expect(x(Math.ceil(number * 1.37))).toBeGreaterThanOrEqual(x(number));
    const network = drawn.networks[1]!;
    expect(xOnNetwork(network, 417)).toBeGreaterThan(xOnNetwork(network, 91) + 15);
    expect(xOnNetwork(network, 16_000_000)).toBeLessThanOrEqual(network.x1);
  });

  it('shows what is hidden when the catch-all comes first', () => {
    const { parts, bands } = ribbon(
      (plan) => void profileOf(plan, 's1').dmr.rules.order.unshift(profileOf(plan, 's1').dmr.rules.order.pop()!),
    );
    expect(parts.map((part) => [part.title, part.hidden])).toEqual([
      ['catch-all', []],
      ['catch-all', ['rule 2']],
      ['catch-all', []],
      ['catch-all', ['rule 3']],
      ['catch-all', []],
    ]);
    expect(bands.filter((band) => band.kind === 'hidden').map((band) => band.title)).toEqual([
      'never taken: would go to Lantern',
      'never taken: would go to Causeway',
    ]);
  });

  it('sends a number on its way, or lets it stop', () => {
    const index = planIndex(routedPlan((plan) => removeRow(profileOf(plan, 's1').dmr.rules, 'r-n1-rest')));
    const drawn = ribbonOf(index, 's1', 'group', 2);
    const way = (number: number) =>
      journey(drawn, { kind: 'group', slot: 2, number }, travel(index, 's1', { kind: 'group', slot: 2, number }));
    expect(way(8_000_417).to).toBe(xOnNetwork(drawn.networks[1]!, 417));
    expect(way(417).to).toBeNull();
    expect(drawn.dots).toHaveLength(5);
  });

  it('of one network without rules is one stretch', () => {
    const { parts, bands } = ribbonOf(planIndex(samplePlan()), 's1', 'group', 2);
    expect(parts.map((part) => part.title)).toEqual(['every number, as sent']);
    expect(bands).toHaveLength(1);
    const none = ribbonOf(
      planIndex(samplePlan((plan) => void (profileOf(plan, 's1').dmr.logins['n1']!.enabled = false))),
      's1',
      'group',
      2,
    );
    expect([none.parts[0]!.title, none.networks, none.bands]).toEqual(['no network', [], []]);
  });
});
