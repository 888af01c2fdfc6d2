import { testCheck } from '../testing/check-tester';
import { repeaterOf, sitesPlan } from '../testing/sample-sites';
import { sitesMayShareFrequency } from './sites-may-share-frequency';

testCheck(sitesMayShareFrequency, {
  plan: sitesPlan,
  valid: [
    { name: 'each on its own' },
    {
      name: 'near each other is told of elsewhere',
      change: (plan) => {
        Object.assign(repeaterOf(plan, 'rp2'), { txHz: 439_425_000 });
        repeaterOf(plan, 'rp2').dmr!.colorCode = 3;
      },
    },
  ],
  invalid: [
    {
      name: 'one without a position',
      change: (plan) => {
        repeaterOf(plan, 'rp2').txHz = 439_425_000;
        repeaterOf(plan, 'rp2').dmr!.colorCode = 3;
        repeaterOf(plan, 'rp2').listing.position = null;
      },
      findings: [
        {
          message: 'both',
          pointer: '/sites/byId/rp2/txHz',
          says: 'Merrin Mast and Hask Head both send on 439.4250 MHz with color code 3; how far apart they are is not said.',
        },
      ],
    },
  ],
});
