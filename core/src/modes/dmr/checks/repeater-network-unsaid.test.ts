import { testCheck } from '../../../testing/check-tester';
import { headChannel, repeaterOf, sitesPlan } from '../../../testing/sample-sites';
import { repeaterNetworkUnsaid } from './repeater-network-unsaid';

const unsaid = '/sites/byId/rp1/dmr/carries/networkId';

testCheck(repeaterNetworkUnsaid, {
  plan: sitesPlan,
  valid: [{ name: 'said' }],
  invalid: [
    {
      name: 'nobody has said it, told once',
      change: (plan) => void (repeaterOf(plan, 'rp1').dmr!.carries!.networkId = null),
      findings: [
        {
          message: 'meant',
          pointer: unsaid,
          says: 'Nobody has said which network Hask Head is linked to; Lantern is a guess, since channels through it are meant for that.',
          fixes: { link: (plan) => void (repeaterOf(plan, 'rp1').dmr!.carries!.networkId = 'n1') },
        },
      ],
    },
    {
      name: 'and no channel is meant for any',
      change: (plan) => {
        repeaterOf(plan, 'rp1').dmr!.carries!.networkId = null;
        headChannel(plan, 'g1').destination = null;
        headChannel(plan, 'g2').destination = null;
      },
      findings: [
        {
          message: 'likely',
          pointer: unsaid,
          fixes: { link: (plan) => void (repeaterOf(plan, 'rp1').dmr!.carries!.networkId = 'n1') },
        },
      ],
    },
    {
      name: 'and nobody knows its groups',
      change: (plan) => {
        Object.assign(repeaterOf(plan, 'rp1').dmr!.carries!, { networkId: null, groups: [], takesOthers: null });
        headChannel(plan, 'g1').destination = null;
        headChannel(plan, 'g2').destination = null;
      },
      findings: [{ message: 'unknown', pointer: unsaid }],
    },
  ],
});
