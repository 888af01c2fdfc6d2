import { setPair } from '../plan/carriage';
import type { Plan } from '../plan/types';
import { profileOf } from '../testing/profile-of';
import { testCheck } from '../testing/check-tester';
import { crossedPlan } from '../testing/sample-crossing';
import { ownNetworksNotReached } from './own-networks-not-reached';

/** A hotspot that carries DMR calls to rooms, and meanwhile not to DMR networks. */
const away = (plan: Plan) => {
  profileOf(plan, 's1').ownWhileCrossing = false;
  setPair(profileOf(plan, 's1'), 'c4fm', 'dmr', { on: false });
};
const off = (plan: Plan) => setPair(profileOf(plan, 's1'), 'dmr', 'c4fm', { on: false });
const says = 'While DMR to C4FM is on, Home does not send DMR calls to DMR networks.';
const finding = { message: 'away', pointer: '/profiles/byId/s1/set/ownWhileCrossing', says, fixes: { off } };

testCheck(ownNetworksNotReached, {
  plan: crossedPlan,
  valid: [{ name: 'reached all the same' }, { name: 'cross-mode is off', change: (plan) => (away(plan), off(plan)) }],
  invalid: [{ name: 'every DMR channel', change: away, findings: [finding, finding, finding, finding] }],
});
