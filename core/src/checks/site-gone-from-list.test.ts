import { testCheck } from '../testing/check-tester';
import { repeaterOf, sitesPlan } from '../testing/sample-sites';
import { siteGoneFromList } from './site-gone-from-list';

testCheck(siteGoneFromList, {
  plan: sitesPlan,
  valid: [{ name: 'still in it' }],
  invalid: [
    {
      name: 'not in the newer version',
      change: (plan) => void (repeaterOf(plan, 'rp1').listing.goneOn = '2026-11-01'),
      findings: [
        {
          message: 'gone',
          pointer: '/sites/byId/rp1/listing/goneOn',
          says: 'Hask Head was taken from “Isles club”; the version of 2026-11-01 does not have it.',
          fixes: { heard: (plan) => void (repeaterOf(plan, 'rp1').listing.goneOn = null) },
        },
      ],
    },
  ],
});
