import { testCheck } from '../testing/check-tester';
import { repeaterOf, sitesPlan } from '../testing/sample-sites';
import { sitesShareFrequency } from './sites-share-frequency';

testCheck(sitesShareFrequency, {
  plan: sitesPlan,
  valid: [
    { name: 'each on its own' },
    {
      name: 'two rows of one repeater',
      change: (plan) => {
        repeaterOf(plan, 'rp2').txHz = 439_425_000;
        repeaterOf(plan, 'rp2').dmr!.colorCode = 3;
        repeaterOf(plan, 'rp2').listing.callSign = repeaterOf(plan, 'rp1').listing.callSign;
      },
    },
    {
      name: 'a color code that nobody has said',
      change: (plan) => {
        repeaterOf(plan, 'rp2').txHz = 439_425_000;
        repeaterOf(plan, 'rp2').dmr!.colorCode = null;
      },
    },
    { name: 'another color code', change: (plan) => void (repeaterOf(plan, 'rp2').txHz = 439_425_000) },
    {
      name: 'no position',
      change: (plan) => {
        Object.assign(repeaterOf(plan, 'rp2'), { txHz: 439_425_000, dmr: repeaterOf(plan, 'rp1').dmr });
        repeaterOf(plan, 'rp2').listing.position = null;
      },
    },
    {
      name: 'far away',
      change: (plan) => {
        Object.assign(repeaterOf(plan, 'rp2'), { txHz: 439_425_000, dmr: repeaterOf(plan, 'rp1').dmr });
        repeaterOf(plan, 'rp2').listing.position = { lat: 48, lon: -33 };
      },
    },
  ],
  invalid: [
    {
      name: 'the same code',
      change: (plan) => {
        repeaterOf(plan, 'rp2').txHz = 439_425_000;
        repeaterOf(plan, 'rp2').dmr!.colorCode = 3;
      },
      findings: [
        {
          message: 'both',
          pointer: '/sites/byId/rp2/txHz',
          says: 'Merrin Mast and Hask Head both send on 439.4250 MHz with color code 3, 6 km from each other; expected one of them elsewhere.',
        },
      ],
    },
  ],
});
