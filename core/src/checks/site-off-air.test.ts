import { testCheck } from '../testing/check-tester';
import { repeaterOf, sitesPlan } from '../testing/sample-sites';
import { siteOffAir } from './site-off-air';

testCheck(siteOffAir, {
  plan: sitesPlan,
  valid: [
    { name: 'on the air' },
    { name: 'nothing said', change: (plan) => void (repeaterOf(plan, 'rp1').listing.status = 'not said') },
  ],
  invalid: [
    {
      name: 'off the air, told once for two channels',
      change: (plan) => void (repeaterOf(plan, 'rp1').listing.status = 'off the air'),
      findings: [
        {
          message: 'off',
          pointer: '/sites/byId/rp1/listing/status',
          says: 'Hask Head is off the air; expected a repeater that is on.',
          fixes: { heard: (plan) => void (repeaterOf(plan, 'rp1').listing.status = 'on the air') },
        },
      ],
    },
  ],
});
