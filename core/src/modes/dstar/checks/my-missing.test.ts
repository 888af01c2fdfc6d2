import { testCheck } from '../../../testing/check-tester';
import { dstarPlan } from '../../../testing/sample-dstar';
import { myMissing } from './my-missing';

testCheck(myMissing, {
  plan: dstarPlan,
  valid: [
    { name: 'the station’s' },
    {
      name: 'another call sign is told of elsewhere',
      change: (plan) => void (plan.radios.byId['r2']!.dstar!.my = 'QO4TAM'),
    },
  ],
  invalid: [
    {
      name: 'nothing',
      change: (plan) => void (plan.radios.byId['r2']!.dstar!.my = ''),
      findings: [
        {
          message: 'missing',
          pointer: '/radios/byId/r2/dstar/my',
          says: 'Pilot has nothing in MY; expected your call sign.',
          fixes: { set: (plan) => void (plan.radios.byId['r2']!.dstar!.my = 'QO3VES') },
        },
      ],
    },
    {
      name: 'spaces only',
      change: (plan) => void (plan.radios.byId['r2']!.dstar!.my = '   '),
      findings: [
        {
          message: 'missing',
          pointer: '/radios/byId/r2/dstar/my',
          fixes: { set: (plan) => void (plan.radios.byId['r2']!.dstar!.my = 'QO3VES') },
        },
      ],
    },
    {
      name: 'nothing, and no station yet',
      change: (plan) => {
        plan.radios.byId['r2']!.dstar!.my = '';
        plan.station.callSign = '';
      },
      findings: [{ message: 'missing', pointer: '/radios/byId/r2/dstar/my' }],
    },
  ],
});
