import type { Hotspot, Plan } from '../plan/types';
import { testCheck } from '../testing/check-tester';
import { profileOf } from '../testing/profile-of';
import { offsetDiffersFromLabel } from './offset-differs-from-label';

const label = (hz: number | null) => (plan: Plan) => void ((plan.sites.byId['s1'] as Hotspot).labelOffsetHz = hz);
const offsets = (rxOffsetHz: number | null, txOffsetHz: number | null) => (plan: Plan) =>
  void Object.assign(profileOf(plan, 's1'), { rxOffsetHz, txOffsetHz });

// Common practice: the label says, for example, −475 Hz; a factory reset loses it.
testCheck(offsetDiffersFromLabel, {
  valid: [
    { name: 'nobody has looked at the label' },
    { name: 'the label says none', change: label(0) },
    { name: 'set as it says', change: (plan) => (label(-475)(plan), offsets(-475, -475)(plan)) },
    { name: 'tuned to another', change: (plan) => (label(-475)(plan), offsets(-425, 0)(plan)) },
  ],
  invalid: [
    {
      name: 'nothing is set',
      change: label(-475),
      findings: [
        {
          message: 'unset',
          pointer: '/profiles/byId/s1/set/rxOffsetHz',
          says: 'The label of Home says −475 Hz, and no offset is set.',
          fixes: { set: offsets(-475, -475) },
        },
      ],
    },
    {
      name: 'lost by a factory reset',
      change: (plan) => (label(350)(plan), offsets(0, 0)(plan)),
      findings: [{ message: 'unset', pointer: '/profiles/byId/s1/set/rxOffsetHz', fixes: { set: offsets(350, 350) } }],
    },
  ],
});
