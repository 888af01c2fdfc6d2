import { testCheck } from '../../../testing/check-tester';
import { dmrIdCountryUnknown } from './dmr-id-country-unknown';

testCheck(dmrIdCountryUnknown, {
  // Country codes: ITU-T E.212. 999 is set aside for private use.
  valid: [
    { name: 'private use' },
    { name: '270, Luxembourg', change: (plan) => void (plan.station.dmrId = 2_701_234) },
    { name: '262', change: (plan) => void (plan.station.dmrId = 2_620_000) },
    { name: 'malformed is another check’s', change: (plan) => void (plan.station.dmrId = 12) },
  ],
  invalid: [
    {
      name: '800',
      change: (plan) => void (plan.station.dmrId = 8_001_234),
      findings: [
        {
          message: 'unknown',
          pointer: '/station/dmrId',
          says: 'The DMR ID 8001234 begins with 800, which is no country code that is known here.',
        },
      ],
    },
    {
      name: '201, below the first that is given',
      change: (plan) => void (plan.station.dmrId = 2_011_234),
      findings: [{ message: 'unknown', pointer: '/station/dmrId' }],
    },
  ],
});
