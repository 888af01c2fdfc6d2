import { testCheck } from '../testing/check-tester';
import { callSignMissing } from './call-sign-missing';

testCheck(callSignMissing, {
  valid: [
    { name: 'letters and a digit' },
    { name: 'another', change: (plan) => void (plan.station.callSign = 'Q7ABC') },
  ],
  invalid: [
    {
      name: 'none',
      change: (plan) => void (plan.station.callSign = ''),
      findings: [{ message: 'missing', pointer: '/station/callSign' }],
    },
    {
      name: 'small letters and a space',
      change: (plan) => void (plan.station.callSign = 'qo3 ves'),
      findings: [
        {
          message: 'malformed',
          pointer: '/station/callSign',
          fixes: { tidy: (plan) => void (plan.station.callSign = 'QO3VES') },
        },
      ],
    },
    {
      name: 'no digit at all',
      change: (plan) => void (plan.station.callSign = 'QOVES'),
      findings: [{ message: 'malformed', pointer: '/station/callSign' }],
    },
  ],
});
