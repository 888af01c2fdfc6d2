import { testCheck } from '../testing/check-tester';
import { repeaterOf, sitesPlan } from '../testing/sample-sites';
import { listOutdated } from './list-outdated';

testCheck(listOutdated, {
  plan: sitesPlan,
  valid: [
    { name: 'of this season' },
    {
      name: 'ninety days',
      change: (plan) => {
        for (const id of ['rp1', 'rp2', 'rp3']) repeaterOf(plan, id).listing.list!.issuedOn = '2026-08-25';
      },
    },
    {
      name: 'without a date',
      change: (plan) => {
        for (const id of ['rp1', 'rp2', 'rp3']) repeaterOf(plan, id).listing.list!.issuedOn = null;
      },
    },
  ],
  invalid: [
    {
      name: 'one of three',
      change: (plan) => void (repeaterOf(plan, 'rp2').listing.list = { name: 'Survey', issuedOn: '2026-08-24' }),
      findings: [
        {
          message: 'old',
          pointer: '/sites/byId/rp2/listing/list',
          says: 'Merrin Mast is taken from “Survey” of 2026-08-24, 91 days old; expected at most 90.',
        },
      ],
    },
    {
      name: 'all of one list, told once',
      change: (plan) => {
        for (const id of ['rp1', 'rp2', 'rp3'])
          repeaterOf(plan, id).listing.list = { name: 'Club', issuedOn: '2026-01-01' };
      },
      findings: [
        {
          message: 'old',
          pointer: '/sites/byId/rp1/listing/list',
          says: '3 repeaters are taken from “Club” of 2026-01-01, 326 days old; expected at most 90.',
        },
      ],
    },
  ],
});
