import { describe, expect, it } from 'vitest';
import { carryOut } from '../registries/builder';
import { planIndex } from '../registries/modes';
import { NO_WORLD, withState } from '../path/world';
import { describePath } from '../path/describe';
import { newNetwork } from './create';
import { edit } from './edit';
import { putRow, removeRow, rows } from './table';
import type { Network, Plan } from './types';
import { p25Plan } from '../testing/sample-p25';
import { roomsPlan } from '../testing/sample-rooms';
import { reachOf } from './sites';

describe('what a site reaches', () => {
  it('is told apart from what nobody has said', () => {
    expect([['a'], ['b'], []].map((networkIds) => reachOf({ networkIds }, 'a'))).toEqual([
      'reached',
      'not reached',
      'not said',
    ]);
  });

  /** What is built anew at a site for what is wanted there: the kinds of destination. */
  const builtAt = (plan: Plan, radioId: string, siteId: string) => {
    const cleared = edit(plan, (draft) => {
      const { channels } = draft.codeplugs[radioId]!;
      for (const { id } of rows(channels).filter((one) => one.siteId === siteId)) removeRow(channels, id);
    }).plan;
    return rows(edit(cleared, carryOut()).plan.codeplugs[radioId]!.channels)
      .filter((one) => one.siteId === siteId)
      .map((one) => one.destination!.kind)
      .sort();
  };

  it.each([
    ['c4fm', roomsPlan, 'r3', 'rp5', newNetwork('c4fm', 'other', 'Far'), 'room', 'disconnect'],
    ['p25', p25Plan, 'r4', 'rp6', newNetwork('p25', 'other', 'Far'), 'group', 'special'],
  ] as ['c4fm' | 'p25', () => Plan, string, string, Network, string, string][])(
    '%s: no way out is built where the network is not reached',
    (mode, make, radioId, siteId, other, talk, out) => {
      const lost = edit(make(), (draft) => {
        putRow(draft.networks, other);
        draft.sites.byId[siteId]![mode]!.networkIds = [other.id];
      }).plan;
      expect([builtAt(make(), radioId, siteId), builtAt(lost, radioId, siteId)]).toEqual([
        ['local', talk, out].sort(),
        ['local', talk].sort(),
      ]);
    },
  );

  it('what a site is said to be connected to shows on the path of the room that is called', () => {
    const plan = roomsPlan();
    const connect = (to?: string) => {
      const index = planIndex(plan, {
        world: to === undefined ? NO_WORLD : withState(NO_WORLD, 's1', 'c4fm', { connectedTo: to }),
      });
      const { path, context } = index.paths().find((one) => one.context.channel.id === 'ch-w-evening')!;
      return describePath(path, context)
        .call.hops.flatMap((hop) => hop.pairs)
        .find((pair) => pair.fact.key === 'connect')!.has;
    };
    expect([connect(), connect('41205'), connect('41377')]).toEqual([
      '41205, once it is called',
      '41205',
      '41205, once it is called',
    ]);
  });
});
