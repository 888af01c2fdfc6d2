import { setPair } from '../plan/carriage';
import { NETWORK_MODE_IDS } from '../plan/modes';
import type { Hang, Plan } from '../plan/types';
import { testCheck } from '../testing/check-tester';
import { profileOf } from '../testing/profile-of';
import { everyMode } from '../testing/sample-every-mode';
import { hangTimeShort } from './hang-time-short';

const hang = (radioS: number | null, networkS: number | null) => (plan: Plan) =>
  void (profileOf(plan, 's1').hang = { radioS, networkS });
const common = (key: keyof Hang) => (plan: Plan) => void (profileOf(plan, 's1').hang[key] = 20);

// Common practice: 20 s is good; a few seconds let the mode change under you.
testCheck(hangTimeShort, {
  plan: everyMode,
  valid: [
    { name: 'nobody has said' },
    { name: '20 s on both sides', change: hang(20, 20) },
    { name: '10 s', change: hang(10, 12) },
    {
      name: 'short where one mode is on',
      change: (plan) => {
        hang(3, 3)(plan);
        for (const mode of NETWORK_MODE_IDS)
          if (mode !== 'dmr') setPair(profileOf(plan, 's1'), mode, mode, { on: false });
      },
    },
    {
      name: 'short of a mode that is off',
      change: (plan) => {
        profileOf(plan, 's1').modeHang.p25 = { radioS: 2, networkS: null };
        setPair(profileOf(plan, 's1'), 'p25', 'p25', { on: false });
      },
    },
  ],
  invalid: [
    {
      name: '3 s, common to all: told once',
      change: hang(3, null),
      findings: [
        {
          message: 'short',
          pointer: '/profiles/byId/s1/set/hang/radioS',
          says: 'Home leaves a mode 3 s after an over on the radio side, and listens for 4 modes; expected about 20 s.',
          fixes: { longer: common('radioS') },
        },
      ],
    },
    {
      name: 'of one mode, on the network side',
      change: (plan) => {
        hang(20, 20)(plan);
        profileOf(plan, 's1').modeHang.dmr = { radioS: null, networkS: 4 };
      },
      findings: [
        {
          message: 'short',
          pointer: '/profiles/byId/s1/set/modeHang/dmr/networkS',
          says: 'Home leaves DMR 4 s after an over on the network side, and listens for 4 modes; expected about 20 s.',
          fixes: { longer: (plan) => void (profileOf(plan, 's1').modeHang.dmr!.networkS = 20) },
        },
      ],
    },
  ],
});
