import { testCheck } from '../../../testing/check-tester';
import { p25Plan } from '../../../testing/sample-p25';
import { unitIdDiffers } from './unit-id-differs';

const set = (unitId: number) => (plan: ReturnType<typeof p25Plan>) =>
  void (plan.radios.byId['r4']!.p25!.unitId = unitId);

testCheck(unitIdDiffers, {
  plan: p25Plan,
  valid: [
    { name: 'the station’s' },
    { name: 'out of range is told of elsewhere', change: set(10_000_000) },
    {
      name: 'a second ID of the operator',
      change: (plan) => (set(9_993_106)(plan), void plan.station.otherIds.push(9_993_106)),
    },
    { name: 'no ID known', change: (plan) => void (plan.station.dmrId = null) },
  ],
  invalid: [
    {
      name: 'another’s',
      change: set(9_993_106),
      findings: [
        {
          message: 'differs',
          pointer: '/radios/byId/r4/p25/unitId',
          says: 'Portable has unit ID 9993106; the station is 9992417.',
          fixes: { set: set(9_992_417), own: (plan) => void plan.station.otherIds.push(9_993_106) },
        },
      ],
    },
  ],
});
