import { newHotspot, newProfile } from '../../../plan/create';
import { putRow } from '../../../plan/table';
import type { Plan } from '../../../plan/types';
import { testCheck } from '../../../testing/check-tester';
import { suffixUsedTwice } from './suffix-used-twice';

const second = (suffix: number) => (plan: Plan) => {
  putRow(plan.sites, newHotspot('s2', 'Boat', 438_800_000, 1));
  plan.profiles['s2'] = ({ ...newProfile(), dmr: { ...newProfile().dmr, logins: { n1: { enabled: true, serverId: 'srv', suffix, password: 'practice', staticGroupIds: [] } } }, location: null, adminPassword: 'changed' as const });
};

testCheck(suffixUsedTwice, {
  valid: [{ name: 'one hotspot' }, { name: 'two with their own', change: second(4) }],
  invalid: [{ name: 'two alike', change: second(3), findings: [{ message: 'twice', pointer: '/profiles/s2/dmr/logins/n1/suffix', says: 'Boat uses suffix 03 on Lantern, as Home does; expected one of its own.', fixes: { set: (plan) => void (plan.profiles['s2']!.dmr.logins['n1']!.suffix = 1) } }] }],
});
