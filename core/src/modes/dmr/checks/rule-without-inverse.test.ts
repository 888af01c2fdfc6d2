import { profileOf } from '../../../testing/profile-of';
import { testCheck } from '../../../testing/check-tester';
import { routedPlan, ruleOf } from '../../../testing/sample-routes';
import { CHANNEL, channelOf } from '../../../testing/sample-plan';
import { ruleWithoutInverse } from './rule-without-inverse';

testCheck(ruleWithoutInverse, {
  plan: routedPlan,
  valid: [
    { name: 'as planned' },
    {
      name: 'a static group under the number that the channel calls',
      change: (plan) => void profileOf(plan, 's1').dmr.logins['n1']!.staticGroupIds.push('g1'),
    },
    {
      name: 'called through the catch-all, and answered so',
      change: (plan) => void (channelOf(plan, 'g1').dmr.call.number = 417),
    },
  ],
  invalid: [
    {
      name: 'reply off',
      change: (plan) => void (ruleOf(plan, 'r-n2-group').reply = false),
      findings: [
        {
          message: 'off',
          pointer: '/profiles/byId/s1/set/dmr/rules/byId/r-n2-group/reply',
          says: 'Rule 2 of Home turns no reply back: you can talk to Causeway and will not hear it.',
          fixes: { on: (plan) => void (ruleOf(plan, 'r-n2-group').reply = true) },
        },
      ],
    },
    {
      name: 'static, but called through the catch-all',
      change: (plan) => {
        profileOf(plan, 's1').dmr.logins['n1']!.staticGroupIds.push('g1');
        channelOf(plan, 'g1').dmr.call.number = 417;
      },
      findings: [
        {
          message: 'other',
          pointer: `${CHANNEL}/dmr/call/number`,
          says: 'Group 417 is static at Home and comes unasked as 1000417; the channel listens for 417.',
          fixes: { set: (plan) => void (channelOf(plan, 'g1').dmr.call.number = 1_000_417) },
        },
      ],
    },
  ],
});
