import { testCheck } from '../../../testing/check-tester';
import { channelOf } from '../../../testing/sample-plan';
import { admitNotOffered } from './admit-not-offered';

testCheck(admitNotOffered, {
  valid: [
    { name: 'nobody has said what the radio offers' },
    { name: 'offered', change: (plan) => void (plan.radios.byId['r1']!.dmr!.admits = ['always', 'color-code-free']) },
  ],
  invalid: [
    {
      name: 'a radio that knows only two',
      change: (plan) => {
        plan.radios.byId['r1']!.dmr!.admits = ['always', 'color-code-free'];
        channelOf(plan, 'g1').dmr.admit = 'channel-free';
      },
      findings: [
        {
          message: 'none',
          pointer: '/codeplugs/r1/channels/byId/ch-w-g1/dmr/admit',
          fixes: { set: (plan) => void (channelOf(plan, 'g1').dmr.admit = 'color-code-free') },
        },
      ],
    },
  ],
});
