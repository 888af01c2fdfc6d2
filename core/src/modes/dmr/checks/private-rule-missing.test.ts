import { profileOf } from '../../../testing/profile-of';
import { removeRow } from '../../../plan/table';
import { testCheck } from '../../../testing/check-tester';
import { routedPlan, ruleOf } from '../../../testing/sample-routes';
import { privateRuleMissing } from './private-rule-missing';
import { dmrNetwork } from '../networks';

testCheck(privateRuleMissing, {
  plan: routedPlan,
  valid: [
    { name: 'as planned' },
    { name: 'a private catch-all instead', change: (plan) => void (ruleOf(plan, 'r-n1-private').range = null) },
    {
      name: 'nothing is called privately there',
      change: (plan) => {
        removeRow(profileOf(plan, 's1').dmr.rules, 'r-n2-private');
        dmrNetwork(plan, 'n2')!.special.echo = null;
      },
    },
  ],
  invalid: [
    {
      name: 'the private rule removed',
      change: (plan) => removeRow(profileOf(plan, 's1').dmr.rules, 'r-n1-private'),
      findings: [
        {
          message: 'missing',
          pointer: '/profiles/byId/s1/set/dmr/rules',
          says: 'Home has no rule for private calls to Lantern: unlink and echo cannot pass.',
          fixes: {
            add: (plan) => {
              const { rules } = profileOf(plan, 's1').dmr;
              rules.byId['r-n1-private'] = { ...rules.byId['r-n1-group']!, id: 'r-n1-private', call: 'private' };
              rules.order.splice(3, 0, 'r-n1-private');
            },
          },
        },
      ],
    },
  ],
});
