import { describe, expect, it } from 'vitest';
import { newNetwork } from '../../plan/create';
import type { P25Group } from '../../plan/modes/p25/types';
import { putRow, tableOf } from '../../plan/table';
import type { Plan } from '../../plan/types';
import { planIndex } from '../../registries/modes';
import { p25Channel, p25Plan } from '../../testing/sample-p25';

/** Where a channel’s call comes out. */
function arrives(change: (plan: Plan) => void, part = 'w-quay') {
  const plan = p25Plan(change);
  return planIndex(plan)
    .paths()
    .find((one) => one.context.channel.id === p25Channel(plan, part).id)!.context.arrives;
}
/** Another network, which the site lists first. */
const second = (groups: P25Group[]) => (plan: Plan) => {
  putRow(plan.networks, { ...newNetwork('p25', 'p2', 'Bell'), groups: tableOf(groups) });
  plan.sites.byId['s1']!.p25!.networkIds = ['p2', 'p1'];
};

describe('the network on which a group leads', () => {
  it('is the one that is meant, though another that comes first has the same number', () => {
    expect(arrives(second([{ id: 'x', number: 4170, name: 'Other' }]))).toEqual({
      mode: 'p25',
      kind: 'group',
      networkId: 'p1',
      group: 4170,
    });
  });

  it('is the one that lists it, though another is meant', () => {
    const change = (plan: Plan) => {
      second([{ id: 'x', number: 6000, name: 'Other' }])(plan);
      p25Channel(plan, 'w-quay').p25.group = 6000;
    };
    expect(arrives(change)).toMatchObject({ networkId: 'p2', group: 6000 });
  });

  it('is the one that is meant where none lists it, and while reach is not said', () => {
    expect(
      arrives((plan) => {
        second([])(plan);
        p25Channel(plan, 'w-quay').p25.group = 6000;
      }),
    ).toMatchObject({ networkId: 'p1', group: 6000 });
    expect(arrives((plan) => void (plan.sites.byId['s1']!.p25!.networkIds = []))).toMatchObject({ networkId: 'p1' });
  });

  it('is none where the site reaches none that is known', () => {
    expect(
      arrives((plan) => {
        plan.sites.byId['s1']!.p25!.networkIds = [];
        p25Channel(plan, 'w-quay').destination = null;
      }),
    ).toBeNull();
  });
});
