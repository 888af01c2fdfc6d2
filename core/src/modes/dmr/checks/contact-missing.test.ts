import { testCheck } from '../../../testing/check-tester';
import { removeRow } from '../../../plan/table';
import { CHANNEL, channelOf } from '../../../testing/sample-plan';
import { contactMissing } from './contact-missing';

testCheck(contactMissing, {
  valid: [{ name: 'there' }],
  invalid: [
    {
      name: 'taken out',
      change: (plan) => removeRow(plan.codeplugs['r1']!.contacts, 'ct-g417'),
      findings: [
        {
          message: 'missing',
          pointer: `${CHANNEL}/dmr/call`,
          says: 'The channel calls group 417; Handheld has no such contact.',
          fixes: {
            add: (plan) => {
              const { contacts } = plan.codeplugs['r1']!;
              contacts.byId['ct-g417'] = { id: 'ct-g417', name: 'Hask Wide', kind: 'group', number: 417 };
              contacts.order.push('ct-g417');
            },
          },
        },
      ],
    },
    {
      name: 'a name that a plain cut would leave with a space at its end',
      change: (plan) => {
        plan.networks.byId['n1']!.groups.byId['g1']!.name = 'Lighthouse keep watch';
        removeRow(plan.codeplugs['r1']!.contacts, 'ct-g417');
      },
      findings: [
        {
          message: 'missing',
          pointer: `${CHANNEL}/dmr/call`,
          fixes: {
            add: (plan) => {
              const { contacts } = plan.codeplugs['r1']!;
              contacts.byId['ct-g417'] = { id: 'ct-g417', name: 'Lghthse kep wtch', kind: 'group', number: 417 };
              contacts.order.push('ct-g417');
            },
          },
        },
      ],
    },
    {
      name: 'there only as the other kind',
      change: (plan) => void (channelOf(plan, 'g1').dmr.call.kind = 'private'),
      findings: [
        {
          message: 'missing',
          pointer: `${CHANNEL}/dmr/call`,
          fixes: {
            add: (plan) => {
              const { contacts } = plan.codeplugs['r1']!;
              contacts.byId['ct-p417'] = { id: 'ct-p417', name: 'Hask Wide', kind: 'private', number: 417 };
              contacts.order.push('ct-p417');
            },
          },
        },
      ],
    },
  ],
});
