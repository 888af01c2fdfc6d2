import { testCheck } from '../../../testing/check-tester';
import { putRow, removeRow } from '../../../plan/table';
import { CHANNEL, channelOf } from '../../../testing/sample-plan';
import { bothNetworks } from '../../../testing/sample-routes';
import { contactMissing } from './contact-missing';
import { dmrNetwork } from '../networks';

testCheck(contactMissing, {
  valid: [{ name: 'there' }],
  invalid: [
    {
      name: 'taken out',
      change: (plan) => removeRow(plan.codeplugs['r1']!.dmr.contacts, 'ct-g417'),
      findings: [
        {
          message: 'missing',
          pointer: `${CHANNEL}/dmr/call`,
          says: 'The channel calls group 417; Handheld has no such contact.',
          fixes: {
            add: (plan) => {
              const { contacts } = plan.codeplugs['r1']!.dmr;
              contacts.byId['ct-g417'] = { id: 'ct-g417', name: 'Hask Wide', kind: 'group', number: 417 };
              contacts.order.push('ct-g417');
            },
          },
        },
      ],
    },
    {
      name: 'taken out, where a rule changes the number',
      change: (plan) => (bothNetworks(plan), removeRow(plan.codeplugs['r1']!.dmr.contacts, 'ct-g417')),
      findings: [
        {
          message: 'missing',
          pointer: `${CHANNEL}/dmr/call`,
          says: 'The channel calls group 1000417 (Lantern 417); Handheld has no such contact.',
          fixes: {
            add: (plan) =>
              putRow(plan.codeplugs['r1']!.dmr.contacts, {
                id: 'ct-g1000417',
                name: 'Hask Wide',
                kind: 'group',
                number: 1_000_417,
              }),
          },
        },
      ],
    },
    {
      name: 'a name that a plain cut would leave with a space at its end',
      change: (plan) => {
        dmrNetwork(plan, 'n1')!.groups.byId['g1']!.name = 'Lighthouse keep watch';
        removeRow(plan.codeplugs['r1']!.dmr.contacts, 'ct-g417');
      },
      findings: [
        {
          message: 'missing',
          pointer: `${CHANNEL}/dmr/call`,
          fixes: {
            add: (plan) => {
              const { contacts } = plan.codeplugs['r1']!.dmr;
              contacts.byId['ct-g417'] = { id: 'ct-g417', name: 'LtHse keep watch', kind: 'group', number: 417 };
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
              const { contacts } = plan.codeplugs['r1']!.dmr;
              contacts.byId['ct-p417'] = { id: 'ct-p417', name: 'Hask Wide', kind: 'private', number: 417 };
              contacts.order.push('ct-p417');
            },
          },
        },
      ],
    },
  ],
});
