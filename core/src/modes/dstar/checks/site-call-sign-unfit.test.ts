import type { Plan } from '../../../plan/types';
import { testCheck } from '../../../testing/check-tester';
import { dstarPlan } from '../../../testing/sample-dstar';
import { siteCallSignUnfit } from './site-call-sign-unfit';

const home = (callSign: string) => (plan: Plan) => void (plan.sites.byId['s1']!.dstar!.callSign = callSign);
const pointer = '/sites/byId/s1/dstar/callSign';

// JARL, D-STAR system standard: fields of eight characters, the eighth for the module.
testCheck(siteCallSignUnfit, {
  plan: dstarPlan,
  valid: [{ name: 'six characters' }, { name: 'seven', change: home('QO3VESX') }],
  invalid: [
    {
      name: 'with /P behind it',
      change: home('QO3VES/P'),
      findings: [
        {
          message: 'long',
          pointer,
          says: 'Home has the D-STAR call sign QO3VES/P, 8 characters; expected at most 7.',
          fixes: { set: home('QO3VES') },
        },
      ],
    },
    { name: 'none', change: home(''), findings: [{ message: 'empty', pointer, fixes: { set: home('QO3VES') } }] },
    {
      name: 'small letters',
      change: home('qo3ves'),
      findings: [{ message: 'letters', pointer, fixes: { set: home('QO3VES') } }],
    },
  ],
});
