import { testCheck } from '../testing/check-tester';
import { channelOf } from '../testing/sample-plan';
import type { Plan } from '../plan/types';
import { optionNotOffered } from './option-not-offered';

const AT = '/codeplugs/r1/channels/byId/ch-w-g1/options';
const offer = (plan: Plan) => void (plan.radios.byId['r1']!.options = [{ name: 'Talkaround', values: ['on', 'off'] }]);

testCheck(optionNotOffered, {
  valid: [
    {
      name: 'nobody has said what the radio offers',
      change: (plan) => void (channelOf(plan, 'g1').options = { Lamp: 'on' }),
    },
    {
      name: 'offered',
      change: (plan) => {
        offer(plan);
        channelOf(plan, 'g1').options = { Talkaround: 'off' };
      },
    },
  ],
  invalid: [
    {
      name: 'another value',
      change: (plan) => {
        offer(plan);
        channelOf(plan, 'g1').options = { Talkaround: 'maybe' };
      },
      findings: [{ message: 'value', pointer: AT }],
    },
    {
      name: 'another option',
      change: (plan) => {
        offer(plan);
        channelOf(plan, 'g1').options = { Lamp: 'on' };
      },
      findings: [{ message: 'option', pointer: AT }],
    },
  ],
});
