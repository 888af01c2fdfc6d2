import { testCheck } from '../../../testing/check-tester';
import { dstarPlan } from '../../../testing/sample-dstar';
import { myMalformed } from './my-malformed';

testCheck(myMalformed, {
  plan: dstarPlan,
  valid: [
    { name: 'the station’s' },
    {
      name: 'with a letter in the eighth place',
      change: (plan) => void (plan.radios.byId['r2']!.dstar!.my = 'QO3VES P'),
    },
    { name: 'none is told of elsewhere', change: (plan) => void (plan.radios.byId['r2']!.dstar!.my = '') },
  ],
  invalid: [
    {
      name: 'its letter too early',
      change: (plan) => void (plan.radios.byId['r2']!.dstar!.my = 'QO3 P'),
      findings: [
        {
          message: 'malformed',
          pointer: '/radios/byId/r2/dstar/my',
          says: 'MY of Pilot is wrong. Found “QO3 P” with the letter in place 5, expected it in the eighth.',
          // “QO3” is nobody’s of this station: its own is offered.
          fixes: { set: (plan) => void (plan.radios.byId['r2']!.dstar!.my = 'QO3VES') },
        },
      ],
    },
    {
      name: 'small letters',
      change: (plan) => void (plan.radios.byId['r2']!.dstar!.my = 'qo3ves'),
      findings: [
        {
          message: 'malformed',
          pointer: '/radios/byId/r2/dstar/my',
          says: 'MY of Pilot is wrong. Found “qo3ves”, expected capital letters.',
          fixes: { set: (plan) => void (plan.radios.byId['r2']!.dstar!.my = 'QO3VES') },
        },
      ],
    },
    {
      name: 'letters of another alphabet',
      change: (plan) => void (plan.radios.byId['r2']!.dstar!.my = 'QÖ3VES'),
      findings: [
        {
          message: 'malformed',
          pointer: '/radios/byId/r2/dstar/my',
          says: 'MY of Pilot is wrong. Found “QÖ3VES”, expected letters A to Z, digits, spaces and “/” only.',
          fixes: { set: (plan) => void (plan.radios.byId['r2']!.dstar!.my = 'QO3VES') },
        },
      ],
    },
    {
      name: 'too long',
      change: (plan) => void (plan.radios.byId['r2']!.dstar!.my = 'QO3VESTOR'),
      findings: [
        {
          message: 'malformed',
          pointer: '/radios/byId/r2/dstar/my',
          says: 'MY of Pilot is wrong. Found 9 characters, expected at most 8.',
          fixes: { set: (plan) => void (plan.radios.byId['r2']!.dstar!.my = 'QO3VES') },
        },
      ],
    },
  ],
});
