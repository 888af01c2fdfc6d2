import { profileOf } from '../../../testing/profile-of';
import { HEAD, headChannel, sitesPlan } from '../../../testing/sample-sites';
import { putRow, removeRow } from '../../../plan/table';
import { testCheck } from '../../../testing/check-tester';
import { CHANNEL, channelOf } from '../../../testing/sample-plan';
import { bothNetworks } from '../../../testing/sample-routes';
import { numberDiffers } from './number-differs';

testCheck(numberDiffers, {
  plan: sitesPlan,
  valid: [{ name: 'the same' }],
  invalid: [
    {
      name: 'another group’s',
      change: (plan) => void (channelOf(plan, 'g1').dmr.call.number = 588),
      findings: [
        {
          message: 'elsewhere',
          pointer: `${CHANNEL}/dmr/call/number`,
          says: 'The channel calls 588; Lantern 417, Hask Wide, is 417 on this radio. The call goes to Lantern, group 588, Ostrey All instead.',
          fixes: { set: (plan) => void (channelOf(plan, 'g1').dmr.call.number = 417) },
        },
      ],
    },
    {
      name: 'nobody’s',
      change: (plan) => void (channelOf(plan, 'g1').dmr.call.number = 418),
      findings: [
        {
          message: 'elsewhere',
          pointer: `${CHANNEL}/dmr/call/number`,
          says: 'The channel calls 418; Lantern 417, Hask Wide, is 417 on this radio. The call goes to Lantern, group 418 (nothing is known there) instead.',
          fixes: { set: (plan) => void (channelOf(plan, 'g1').dmr.call.number = 417) },
        },
      ],
    },
    {
      name: 'one that no rule takes',
      change: (plan) => {
        bothNetworks(plan);
        removeRow(profileOf(plan, 's1').dmr.rules, 'r-n1-rest');
        channelOf(plan, 'g1').dmr.call.number = 417;
      },
      findings: [
        {
          message: 'nowhere',
          pointer: `${CHANNEL}/dmr/call/number`,
          fixes: { set: (plan) => void (channelOf(plan, 'g1').dmr.call.number = 1_000_417) },
        },
      ],
    },
    {
      name: 'a number of its own, whose contact goes along',
      change: (plan) => {
        channelOf(plan, 'g1').dmr.call.number = 418;
        plan.codeplugs['r1']!.dmr.contacts.byId['ct-g417']!.number = 418;
        const [list] = Object.values(plan.codeplugs['r1']!.dmr.receiveLists.byId);
        list!.groups[list!.groups.indexOf(417)] = 418;
      },
      findings: [
        {
          message: 'elsewhere',
          pointer: `${CHANNEL}/dmr/call/number`,
          fixes: {
            set: (plan) => {
              channelOf(plan, 'g1').dmr.call.number = 417;
              plan.codeplugs['r1']!.dmr.contacts.byId['ct-g417']!.number = 417;
              const [list] = Object.values(plan.codeplugs['r1']!.dmr.receiveLists.byId);
              list!.groups[list!.groups.indexOf(418)] = 417;
            },
          },
        },
      ],
    },
    {
      name: 'of a local call',
      change: (plan) => void (headChannel(plan).destination = { mode: 'dmr', kind: 'local' }),
      findings: [
        {
          message: 'local',
          pointer: `${HEAD}/dmr/call/number`,
          says: 'The channel calls 417; to whoever hears the repeater it is 9.',
          // The contact of 417 is others' too: 9 gets one of its own, and joins the receive list.
          fixes: {
            set: (plan) => {
              const { contacts, receiveLists } = plan.codeplugs['r1']!.dmr;
              headChannel(plan).dmr.call.number = 9;
              putRow(contacts, { id: 'ct-g9', name: headChannel(plan).name, kind: 'group', number: 9 });
              const groups = receiveLists.byId[headChannel(plan).dmr.receiveListId!]!.groups;
              groups[groups.indexOf(417)] = 9;
            },
          },
        },
      ],
    },
  ],
});
