import { testCheck } from '../testing/check-tester';
import { CHANNEL, channelOf } from '../testing/sample-plan';
import { powerNotOffered } from './power-not-offered';

testCheck(powerNotOffered, {
  valid: [
    { name: 'a step of the radio' },
    { name: 'in capitals', change: (plan) => void (channelOf(plan, 'g1').power = 'HIGH') },
    {
      name: 'nobody has said what the radio has',
      change: (plan) => {
        plan.radios.byId['r1']!.power = [];
        channelOf(plan, 'g1').power = 'turbo';
      },
    },
  ],
  invalid: [
    {
      name: 'another step',
      change: (plan) => void (channelOf(plan, 'g1').power = 'turbo'),
      findings: [
        {
          message: 'step',
          pointer: `${CHANNEL}/power`,
          fixes: {
            least: (plan) => void (channelOf(plan, 'g1').power = 'low'),
            most: (plan) => void (channelOf(plan, 'g1').power = 'high'),
          },
        },
      ],
    },
    {
      name: 'of a radio that has only one',
      change: (plan) => {
        plan.radios.byId['r1']!.power = [{ name: 'low', watts: 1 }];
        channelOf(plan, 'g1').power = 'high';
      },
      findings: [
        {
          message: 'step',
          pointer: `${CHANNEL}/power`,
          fixes: { least: (plan) => void (channelOf(plan, 'g1').power = 'low') },
        },
      ],
    },
  ],
});
