import { testCheck } from '../testing/check-tester';
import { repeaterOf, sitesPlan } from '../testing/sample-sites';
import { shiftUnusual } from './shift-unusual';

testCheck(shiftUnusual, {
  plan: sitesPlan,
  valid: [
    { name: 'usual in region 1' },
    { name: 'upwards', change: (plan) => void (repeaterOf(plan, 'rp3').rxHz = 146_287_500) },
    { name: 'from one band to another', change: (plan) => void (repeaterOf(plan, 'rp3').rxHz = 431_287_500) },
    {
      name: 'a band of which nothing is known',
      change: (plan) => void Object.assign(repeaterOf(plan, 'rp1'), { txHz: 1_297_000_000, rxHz: 1_269_000_000 }),
    },
    {
      name: 'region 3, of which nothing is known for 70 cm',
      change: (plan) => {
        plan.station.region = 'itu-3';
      },
    },
  ],
  invalid: [
    {
      name: 'a digit wrong',
      change: (plan) => void (repeaterOf(plan, 'rp3').rxHz = 144_987_500),
      findings: [
        {
          message: 'unusual',
          pointer: '/sites/byId/rp3/rxHz',
          says: 'Port Ellery listens at -0.7 MHz from where it sends; usual here: -0.6, +0.6.',
        },
      ],
    },
    {
      name: 'no shift',
      change: (plan) => void (repeaterOf(plan, 'rp3').rxHz = 145_687_500),
      findings: [{ message: 'simplex', pointer: '/sites/byId/rp3/rxHz' }],
    },
    {
      name: 'another region',
      change: (plan) => {
        plan.station.region = 'itu-2';
      },
      findings: ['rp1', 'rp2'].map((id) => ({ message: 'unusual', pointer: `/sites/byId/${id}/rxHz` })),
    },
  ],
});
