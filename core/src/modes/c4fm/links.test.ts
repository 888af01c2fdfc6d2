import { describe, expect, it } from 'vitest';
import type { Plan } from '../../plan/types';
import { planIndex } from '../../registries/modes';
import { roomChannel, roomsPlan } from '../../testing/sample-rooms';
import { roomNetwork } from './rooms';

/** Where a channel’s call comes out. */
function arrives(change: (plan: Plan) => void, part = 'w-evening') {
  const plan = roomsPlan(change);
  return planIndex(plan)
    .paths()
    .find((one) => one.context.channel.id === roomChannel(plan, part).id)!.context.arrives;
}
const both = (plan: Plan) => void (plan.sites.byId['s1']!.c4fm!.networkIds = ['rm2', 'rm1']);
/** The room that is meant has the same number on the other network too. */
const same = (plan: Plan) => {
  both(plan);
  roomNetwork(plan, 'rm2')!.rooms.byId['news']!.number = 41_205;
};

describe('the network on which a number leads', () => {
  it('is the one that is meant, though another that comes first has the same number', () => {
    expect(arrives(same)).toEqual({ mode: 'c4fm', kind: 'room', networkId: 'rm1', number: '41205' });
  });

  it('is the one that lists it, though another is meant', () => {
    expect(arrives((plan) => (both(plan), void (roomChannel(plan, 'w-evening').c4fm.room = '52110')))).toMatchObject({
      networkId: 'rm2',
      number: '52110',
    });
  });

  it('is the one that is meant where none lists it', () => {
    expect(arrives((plan) => (both(plan), void (roomChannel(plan, 'w-evening').c4fm.room = '40000')))).toMatchObject({
      networkId: 'rm1',
      number: '40000',
    });
  });

  it('is the one that is meant while it is not said what the site reaches', () => {
    expect(arrives((plan) => void (plan.sites.byId['s1']!.c4fm!.networkIds = []))).toMatchObject({ networkId: 'rm1' });
  });

  it('is none for a number that is not five digits, and for the one that disconnects', () => {
    expect(arrives((plan) => void (roomChannel(plan, 'w-evening').c4fm.room = '412'))).toBeNull();
    expect(arrives((plan) => void (roomChannel(plan, 'w-evening').c4fm.room = '99999'))).toEqual({
      mode: 'c4fm',
      kind: 'disconnect',
      networkId: null,
    });
    // What disconnects on a network that the site does not reach is a number like any other.
    expect(
      arrives((plan) => {
        roomNetwork(plan, 'rm2')!.disconnect = 41_205;
      }),
    ).toMatchObject({ kind: 'room' });
  });
});
