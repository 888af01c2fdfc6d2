import { testCheck } from '../../../testing/check-tester';
import { removeRow } from '../../../plan/table';
import { CHANNEL, channelOf } from '../../../testing/sample-plan';
import { groupUnknown } from './group-unknown';
import { dmrNetwork } from '../networks';

testCheck(groupUnknown, {
  valid: [
    { name: 'known' },
    {
      name: 'a private call to an ID whose country is not known',
      change: (plan) => {
        channelOf(plan, 'g1').destination = null;
        channelOf(plan, 'g1').dmr.call = { kind: 'private', number: 1_123_456 };
      },
    },
    { name: 'unlinked, but the number is known', change: (plan) => void (channelOf(plan, 'g1').destination = null) },
  ],
  invalid: [
    {
      name: 'the group was removed',
      change: (plan) => removeRow(dmrNetwork(plan, 'n1')!.groups, 'g1'),
      findings: [
        {
          message: 'unknown',
          pointer: `${CHANNEL}/dmr/call/number`,
          says: 'The channel calls group 417, which is not in the directory of Lantern.',
        },
      ],
    },
    {
      name: 'a private call to a group’s number',
      change: (plan) => {
        channelOf(plan, 'g1').destination = null;
        channelOf(plan, 'g1').dmr.call.kind = 'private';
      },
      findings: [{ message: 'unknown', pointer: `${CHANNEL}/dmr/call/number` }],
    },
  ],
});
