import { profileOf } from '../../../testing/profile-of';
import { testCheck } from '../../../testing/check-tester';
import { putGroupRule, routedPlan } from '../../../testing/sample-routes';
import { ruleShadowed } from './rule-shadowed';

testCheck(ruleShadowed, {
  plan: routedPlan,
  valid: [
    { name: 'as planned' },
    { name: 'a part only', change: (plan) => putGroupRule(plan, 0, 'x', 'n2', 1_000_400, 50) },
    {
      name: 'the same on the other slot',
      change: (plan) => (
        putGroupRule(plan, 2, 'x', 'n1', 1_000_400, 50),
        void (profileOf(plan, 's1').dmr.rules.byId['x']!.range!.slot = 1)
      ),
    },
    {
      name: 'of a network that is off',
      change: (plan) => (
        putGroupRule(plan, 2, 'x', 'n2', 1_000_400, 50),
        void (profileOf(plan, 's1').dmr.logins['n2']!.enabled = false)
      ),
    },
  ],
  invalid: [
    {
      name: 'inside an earlier one, across a group that a channel calls: to move it would lead that elsewhere',
      change: (plan) => putGroupRule(plan, 2, 'x', 'n2', 1_000_400, 50),
      findings: [
        {
          message: 'shadowed',
          pointer: '/profiles/byId/s1/set/dmr/rules/byId/x',
          fixes: {
            remove: (plan) => {
              delete profileOf(plan, 's1').dmr.rules.byId['x'];
              profileOf(plan, 's1').dmr.rules.order.splice(2, 1);
            },
          },
        },
      ],
    },
    {
      name: 'inside an earlier one',
      change: (plan) => putGroupRule(plan, 2, 'x', 'n2', 1_000_800, 50),
      findings: [
        {
          message: 'shadowed',
          pointer: '/profiles/byId/s1/set/dmr/rules/byId/x',
          says: 'Rule 3 of Home, group 1,000,800–1,000,849 to Causeway, never takes a call: rule 1 takes its numbers first.',
          fixes: {
            move: (plan) =>
              void (profileOf(plan, 's1').dmr.rules.order = [
                'x',
                'r-n1-group',
                'r-n2-group',
                'r-n1-private',
                'r-n2-private',
                'r-n1-rest',
              ]),
            remove: (plan) => {
              delete profileOf(plan, 's1').dmr.rules.byId['x'];
              profileOf(plan, 's1').dmr.rules.order.splice(2, 1);
            },
          },
        },
      ],
    },
    {
      name: 'under two together',
      change: (plan) => {
        putGroupRule(plan, 0, 'a', 'n1', 5_000_001, 10);
        putGroupRule(plan, 1, 'b', 'n1', 5_000_011, 10);
        putGroupRule(plan, 2, 'x', 'n1', 5_000_005, 12);
      },
      findings: [
        {
          message: 'shadowed',
          pointer: '/profiles/byId/s1/set/dmr/rules/byId/x',
          fixes: {
            remove: (plan) => {
              delete profileOf(plan, 's1').dmr.rules.byId['x'];
              profileOf(plan, 's1').dmr.rules.order.splice(2, 1);
            },
          },
        },
      ],
    },
    {
      name: 'the only private rule of a network, under one that is too long',
      change: (plan) => void (profileOf(plan, 's1').dmr.rules.byId['r-n1-private']!.range!.count = 9_999_990),
      findings: [
        {
          message: 'shadowed',
          pointer: '/profiles/byId/s1/set/dmr/rules/byId/r-n2-private',
          fixes: {
            move: (plan) =>
              void (profileOf(plan, 's1').dmr.rules.order = [
                'r-n1-group',
                'r-n2-group',
                'r-n2-private',
                'r-n1-private',
                'r-n1-rest',
              ]),
            shorten: (plan) => void (profileOf(plan, 's1').dmr.rules.byId['r-n1-private']!.range!.count = 7_000_000),
          },
        },
      ],
    },
  ],
});
