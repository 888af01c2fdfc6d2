import { testCheck } from '../../../testing/check-tester';
import { newNetwork } from '../../../plan/create';
import { emptyTable, tableOf } from '../../../plan/table';
import type { Network } from '../../../plan/types';
import { dmrIdMissing } from './dmr-id-missing';

testCheck(dmrIdMissing, {
  valid: [
    { name: 'has one' },
    {
      name: 'no DMR in the plan',
      change: (plan) => {
        plan.station.dmrId = null;
        plan.radios = emptyTable();
        plan.networks = emptyTable();
      },
    },
    {
      name: 'networks of other modes only',
      change: (plan) => {
        plan.station.dmrId = null;
        plan.radios = emptyTable();
        plan.networks = tableOf<Network>([newNetwork('c4fm', 'rm1', 'Skerry')]);
      },
    },
  ],
  invalid: [
    {
      name: 'none',
      change: (plan) => void (plan.station.dmrId = null),
      findings: [{ message: 'missing', pointer: '/station/dmrId' }],
    },
  ],
});
