import { testCheck } from '../../../testing/check-tester';
import { roomsPlan } from '../../../testing/sample-rooms';
import type { Plan } from '../../../plan/types';
import { callSignFieldDiffers } from './call-sign-field-differs';

const sends = (callSign: string) => (plan: Plan) => void (plan.radios.byId['r3']!.c4fm!.callSign = callSign);
const set = sends('QO3VES');
const pointer = '/radios/byId/r3/c4fm/callSign';

testCheck(callSignFieldDiffers, {
  plan: roomsPlan,
  valid: [
    { name: 'the station’s' },
    { name: 'with a word behind it', change: sends('QO3VES-VES') },
    { name: 'ten characters', change: sends('QO3VES/MAR') },
    { name: 'no station yet', change: (plan) => void (plan.station.callSign = '') },
  ],
  invalid: [
    {
      name: 'none',
      change: sends(''),
      findings: [{ message: 'missing', pointer, says: 'Rambler sends no call sign; expected QO3VES.', fixes: { set } }],
    },
    {
      name: 'none, and no station',
      change: (plan) => {
        plan.station.callSign = '';
        sends(' ')(plan);
      },
      findings: [{ message: 'missing', pointer, says: 'Rambler sends no call sign; expected your call sign.' }],
    },
    {
      name: 'eleven characters',
      change: sends('QO3VES-VESN'),
      findings: [
        {
          message: 'long',
          pointer,
          says: 'Rambler sends “QO3VES-VESN”, 11 characters; at most 10 go on the air.',
          fixes: { set },
        },
      ],
    },
    {
      name: 'another station’s',
      change: sends('QO4TAM'),
      findings: [{ message: 'other', pointer, says: 'Rambler sends QO4TAM; the station is QO3VES.', fixes: { set } }],
    },
    {
      name: 'one that only begins alike',
      change: sends('QO3VESA'),
      findings: [{ message: 'other', pointer, fixes: { set } }],
    },
  ],
});
