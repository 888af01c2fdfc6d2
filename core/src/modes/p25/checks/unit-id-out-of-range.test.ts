import { testCheck } from '../../../testing/check-tester';
import { p25Plan } from '../../../testing/sample-p25';
import { unitIdOutOfRange } from './unit-id-out-of-range';

const set = (unitId: number | null) => (plan: ReturnType<typeof p25Plan>) =>
  void (plan.radios.byId['r4']!.p25!.unitId = unitId);
const pointer = '/radios/byId/r4/p25/unitId';

testCheck(unitIdOutOfRange, {
  plan: p25Plan,
  valid: [
    { name: 'seven digits' },
    { name: 'the largest', change: set(9_999_999) },
    { name: 'another’s is told of elsewhere', change: set(9_993_106) },
  ],
  invalid: [
    {
      name: 'none',
      change: set(null),
      findings: [
        {
          message: 'missing',
          pointer,
          says: 'Portable has no unit ID; expected 9992417.',
          fixes: { set: set(9_992_417) },
        },
      ],
    },
    {
      name: 'beyond',
      change: set(10_000_000),
      findings: [
        {
          message: 'range',
          pointer,
          says: 'Portable has unit ID 10000000; expected 1 to 9,999,999.',
          fixes: { set: set(9_992_417) },
        },
      ],
    },
    {
      name: 'none, and no ID known',
      change: (plan) => {
        set(0)(plan);
        plan.station.dmrId = null;
      },
      findings: [{ message: 'range', pointer }],
    },
  ],
});
