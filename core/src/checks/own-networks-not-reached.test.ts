import { removeRow } from '../plan/table';
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
const both = (plan: Plan) => void (profileOf(plan, 's1').ownWhileCrossing = true);
const POINTER = '/profiles/byId/s1/set/ownWhileCrossing';
const used = { message: 'away', pointer: POINTER, says, fixes: { both } };
const finding = { message: 'away', pointer: POINTER, says, fixes: { off, both } };
/** No channel crosses from DMR any more. */
const alone = (plan: Plan) => (away(plan), removeRow(plan.codeplugs['r1']!.channels, 'ch-w-dmr-room'));

testCheck(ownNetworksNotReached, {
  plan: crossedPlan,
  valid: [{ name: 'reached all the same' }, { name: 'cross-mode is off', change: (plan) => (away(plan), off(plan)) }],
  invalid: [
    { name: 'every DMR channel, and one crosses', change: away, findings: [used, used, used, used] },
    { name: 'and none crosses', change: alone, findings: [finding, finding, finding, finding] },
  ],
});
