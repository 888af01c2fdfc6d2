import { testCheck } from '../../../testing/check-tester';
import { SAMPLE_ID } from '../../../testing/sample-plan';
import type { Plan } from '../../../plan/types';
import { radioIdDiffers } from './radio-id-differs';

const id = (value: number | null) => (plan: Plan) => void (plan.radios.byId['r1']!.dmr!.id = value);

testCheck(radioIdDiffers, {
  valid: [
    { name: 'the station’s' },
    {
      name: 'the station has none yet',
      change: (plan) => {
        plan.station.dmrId = null;
        id(9_993_106)(plan);
      },
    },
    {
      name: 'a second ID of the operator',
      change: (plan) => (id(9_993_106)(plan), void plan.station.otherIds.push(9_993_106)),
    },
    { name: 'a radio without DMR', change: (plan) => void (plan.radios.byId['r1']!.dmr = null) },
  ],
  invalid: [
    {
      name: 'the lender’s',
      change: id(9_993_106),
      findings: [
        {
          message: 'differs',
          pointer: '/radios/byId/r1/dmr/id',
          says: 'Handheld has DMR ID 9993106; the station has 9992417.',
          fixes: { set: id(SAMPLE_ID), own: (plan) => void plan.station.otherIds.push(9_993_106) },
        },
      ],
    },
    {
      name: 'none',
      change: id(null),
      findings: [{ message: 'missing', pointer: '/radios/byId/r1/dmr/id', fixes: { set: id(SAMPLE_ID) } }],
    },
  ],
});
