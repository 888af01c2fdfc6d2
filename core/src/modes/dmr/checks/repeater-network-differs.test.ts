import { testCheck } from '../../../testing/check-tester';
import { causeway } from '../../../testing/sample-routes';
import { HEAD, headChannel, repeaterOf, sitesPlan } from '../../../testing/sample-sites';
import { repeaterNetworkDiffers } from './repeater-network-differs';

testCheck(repeaterNetworkDiffers, {
  plan: sitesPlan,
  valid: [
    { name: 'its network' },
    { name: 'nobody said which', change: (plan) => void (repeaterOf(plan, 'rp1').dmr!.carries!.networkId = null) },
    { name: 'a channel that is meant for no place', change: (plan) => void (headChannel(plan).destination = null) },
  ],
  invalid: [
    {
      name: 'linked elsewhere',
      change: (plan) => {
        causeway(plan);
        repeaterOf(plan, 'rp1').dmr!.carries!.networkId = 'n2';
      },
      findings: ['g1', 'g2'].map((id) => ({
        message: 'differs',
        pointer: `${HEAD.replace('g1', id)}/destination/networkId`,
      })),
    },
  ],
});
