import { testCheck } from '../../../testing/check-tester';
import { dstarPlan } from '../../../testing/sample-dstar';
import { mySuffixMalformed } from './my-suffix-malformed';

testCheck(mySuffixMalformed, {
  plan: dstarPlan,
  valid: [
    { name: 'four characters' },
    { name: 'none', change: (plan) => void (plan.radios.byId['r2']!.dstar!.suffix = '') },
  ],
  invalid: [
    {
      name: 'five',
      change: (plan) => void (plan.radios.byId['r2']!.dstar!.suffix = 'VESNA'),
      findings: [
        {
          message: 'malformed',
          pointer: '/radios/byId/r2/dstar/suffix',
          says: 'The suffix of Pilot is “VESNA”; expected at most four capital letters and digits.',
          fixes: { set: (plan) => void (plan.radios.byId['r2']!.dstar!.suffix = 'VESN') },
        },
      ],
    },
    {
      name: 'small letters',
      change: (plan) => void (plan.radios.byId['r2']!.dstar!.suffix = 'ves'),
      findings: [
        {
          message: 'malformed',
          pointer: '/radios/byId/r2/dstar/suffix',
          fixes: { set: (plan) => void (plan.radios.byId['r2']!.dstar!.suffix = 'VES') },
        },
      ],
    },
    {
      name: 'nothing that can be meant',
      change: (plan) => void (plan.radios.byId['r2']!.dstar!.suffix = '—'),
      findings: [{ message: 'malformed', pointer: '/radios/byId/r2/dstar/suffix' }],
    },
  ],
});
