import { profileOf } from '../../../testing/profile-of';
import { removeRow } from '../../../plan/table';
import type { Plan } from '../../../plan/types';
import { testCheck } from '../../../testing/check-tester';
import { routedPlan } from '../../../testing/sample-routes';
import { channelOf } from '../../../testing/sample-plan';
import { callNotRouted } from './call-not-routed';
import { dmrNetwork } from '../networks';

const at = (id: string) => `/codeplugs/r1/channels/byId/ch-w-${id}/dmr/call/number`;
const order =
  (...ids: string[]) =>
  (plan: Plan) =>
    void (profileOf(plan, 's1').dmr.rules.order = ids);
const PLANNED = ['r-n1-group', 'r-n2-group', 'r-n1-private', 'r-n2-private', 'r-n1-rest'];
const GROUPS = ['g1', 'g2', 'g3', 'k1', 'k2'];
const addPrivate = (plan: Plan) => {
  const { rules } = profileOf(plan, 's1').dmr;
  rules.byId['r-n1-private'] = { ...rules.byId['r-n1-group']!, id: 'r-n1-private', call: 'private' };
  rules.order.splice(3, 0, 'r-n1-private');
};
const long = (plan: Plan) => {
  dmrNetwork(plan, 'n2')!.groups.byId['k1']!.number = 2_351_234;
  channelOf(plan, 'k1').dmr.call.number = 2_351_234;
};

testCheck(callNotRouted, {
  plan: routedPlan,
  valid: [
    { name: 'as planned' },
    { name: 'a bare number, by the catch-all', change: (plan) => void (channelOf(plan, 'g1').dmr.call.number = 417) },
    { name: 'network selection off', change: (plan) => void (profileOf(plan, 's1').dmr.selection = 'one') },
  ],
  invalid: [
    {
      name: 'the private rule removed',
      change: (plan) => removeRow(profileOf(plan, 's1').dmr.rules, 'r-n1-private'),
      findings: [
        {
          message: 'stops',
          pointer: at('echo'),
          says: 'No rule of Home takes private 1009990: Echo Lantern will never arrive.',
          fixes: { add: addPrivate },
        },
        {
          message: 'stops',
          pointer: at('unlink'),
          says: 'No rule of Home takes private 1004000: Unlink Lantern will never arrive.',
          fixes: { add: addPrivate },
        },
      ],
    },
    {
      name: 'the catch-all first: exactly the groups are swallowed',
      change: order('r-n1-rest', ...PLANNED.slice(0, 4)),
      findings: GROUPS.map((id) => ({
        message: 'taken',
        pointer: at(id),
        ...(id === 'k1'
          ? {
              says: 'The call to group 8000417 goes to Lantern, group 8000417 (nothing is known there) instead of Causeway 417: catch-all rule 1 takes it before rule 3.',
            }
          : {}),
        fixes: { move: order(...PLANNED) },
      })),
    },
    {
      name: 'a stretch before the prefix',
      change: (plan) => {
        profileOf(plan, 's1').dmr.rules.byId['x'] = {
          id: 'x',
          networkId: 'n1',
          call: 'group',
          range: { slot: 2, first: 8_000_001, networkSlot: 2, networkFirst: 1, count: 500 },
          reply: true,
        };
        order('x', ...PLANNED)(plan);
      },
      findings: [
        {
          message: 'taken',
          pointer: at('k1'),
          says: 'The call to group 8000417 goes to Lantern, group 417, Hask Wide instead of Causeway 417: rule 1 takes it before rule 3.',
          // The stretch may be meant for other numbers: it stays, and this one number gets a rule before it.
          fixes: {
            exact: (plan) => {
              profileOf(plan, 's1').dmr.rules.byId['r-n2-8000417'] = {
                id: 'r-n2-8000417',
                networkId: 'n2',
                call: 'group',
                range: { slot: 2, first: 8_000_417, networkSlot: 2, networkFirst: 417, count: 1 },
                reply: true,
              };
              order('r-n2-8000417', 'x', ...PLANNED)(plan);
            },
          },
        },
      ],
    },
    {
      name: 'a wider stretch before the prefix, which is the narrower one',
      change: (plan) => {
        profileOf(plan, 's1').dmr.rules.byId['x'] = {
          id: 'x',
          networkId: 'n1',
          call: 'group',
          range: { slot: 2, first: 7_500_000, networkSlot: 2, networkFirst: 1, count: 2_000_000 },
          reply: true,
        };
        order('x', ...PLANNED)(plan);
      },
      findings: ['k1', 'k2'].map((id) => ({
        message: 'taken',
        pointer: at(id),
        fixes: { first: order('r-n2-group', 'x', 'r-n1-group', 'r-n1-private', 'r-n2-private', 'r-n1-rest') },
      })),
    },
    {
      name: 'a number that no prefix carries',
      change: long,
      findings: [
        {
          message: 'unreachable',
          pointer: at('k1'),
          says: 'The call to group 2351234 goes to Lantern, group 2351234, personal group 235 1234 instead of Causeway 2351234: no rule of Home leads there.',
          fixes: {
            add: (plan) => {
              const { rules } = profileOf(plan, 's1').dmr;
              rules.byId['r-n2-2351234'] = {
                id: 'r-n2-2351234',
                networkId: 'n2',
                call: 'group',
                range: { slot: 2, first: 2_351_234, networkSlot: 2, networkFirst: 2_351_234, count: 1 },
                reply: true,
              };
              rules.order.unshift('r-n2-2351234');
            },
          },
        },
      ],
    },
    {
      name: 'aimed nowhere, and no catch-all',
      change: (plan) => {
        removeRow(profileOf(plan, 's1').dmr.rules, 'r-n1-rest');
        Object.assign(channelOf(plan, 'g1'), { destination: null });
        channelOf(plan, 'g1').dmr.call.number = 77;
      },
      findings: [
        {
          message: 'stops',
          pointer: at('g1'),
          says: 'No rule of Home takes group 77: what it calls will never arrive.',
        },
      ],
    },
  ],
});
