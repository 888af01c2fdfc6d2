import { testCheck } from '../../../testing/check-tester';
import { emptyTable } from '../../../plan/table';
import { dmrIdMissing } from './dmr-id-missing';

testCheck(dmrIdMissing, {
  valid: [{ name: 'has one' }, { name: 'no DMR in the plan', change: (plan) => { plan.station.dmrId = null; plan.radios = emptyTable(); plan.networks = emptyTable(); } }],
  invalid: [{ name: 'none', change: (plan) => void (plan.station.dmrId = null), findings: [{ message: 'missing', pointer: '/station/dmrId' }] }],
});
