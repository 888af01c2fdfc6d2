import { testCheck } from '../../../testing/check-tester';
import { dstarPlan } from '../../../testing/sample-dstar';
import { myBorrowed } from './my-borrowed';

testCheck(myBorrowed, {
  plan: dstarPlan,
  valid: [
    { name: 'the station’s' },
    { name: 'the station’s with a letter', change: (plan) => void (plan.radios.byId['r2']!.dstar!.my = 'QO3VES M') },
    { name: 'no station yet', change: (plan) => void (plan.station.callSign = '') },
    {
      name: 'a malformed one is told of elsewhere',
      change: (plan) => void (plan.radios.byId['r2']!.dstar!.my = 'qo4tam'),
    },
  ],
  invalid: [
    {
      name: 'a lender’s',
      change: (plan) => void (plan.radios.byId['r2']!.dstar!.my = 'QO4TAM'),
      findings: [
        {
          message: 'borrowed',
          pointer: '/radios/byId/r2/dstar/my',
          says: 'Pilot calls as QO4TAM; the station is QO3VES.',
          fixes: { set: (plan) => void (plan.radios.byId['r2']!.dstar!.my = 'QO3VES') },
        },
      ],
    },
  ],
});
