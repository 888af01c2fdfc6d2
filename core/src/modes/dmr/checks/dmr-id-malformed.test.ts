import { testCheck } from '../../../testing/check-tester';
import { dmrIdMalformed } from './dmr-id-malformed';

testCheck(dmrIdMalformed, {
  valid: [{ name: '7 digits' }, { name: 'none yet', change: (plan) => void (plan.station.dmrId = null) }],
  invalid: [
    {
      name: 'a repeater’s 6 digits',
      change: (plan) => void (plan.station.dmrId = 999_241),
      findings: [
        {
          message: 'malformed',
          pointer: '/station/dmrId',
          says: 'The DMR ID is 999241 (6 digits); expected 7 digits.',
        },
      ],
    },
    {
      name: 'a hotspot’s 9 digits',
      change: (plan) => void (plan.station.dmrId = 999_241_703),
      findings: [
        {
          message: 'malformed',
          pointer: '/station/dmrId',
          fixes: { cut: (plan) => void (plan.station.dmrId = 9_992_417) },
        },
      ],
    },
  ],
});
