import { testCheck, TODAY } from '../testing/check-tester';
import { repeaterOf, sitesPlan } from '../testing/sample-sites';
import { siteUnconfirmed } from './site-unconfirmed';

testCheck(siteUnconfirmed, {
  plan: sitesPlan,
  valid: [
    { name: 'lately' },
    { name: 'a year to the day', change: (plan) => void (repeaterOf(plan, 'rp1').listing.confirmedOn = '2025-11-23') },
    { name: 'never said', change: (plan) => void (repeaterOf(plan, 'rp1').listing.confirmedOn = null) },
  ],
  invalid: [
    {
      name: 'a year and a day',
      change: (plan) => void (repeaterOf(plan, 'rp1').listing.confirmedOn = '2025-11-22'),
      findings: [
        {
          message: 'long',
          pointer: '/sites/byId/rp1/listing/confirmedOn',
          says: 'Hask Head was last confirmed on 2025-11-22, 366 days ago; expected within 365.',
          fixes: { heard: (plan) => void (repeaterOf(plan, 'rp1').listing.confirmedOn = TODAY) },
        },
      ],
    },
  ],
});
