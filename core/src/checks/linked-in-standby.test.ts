import { setPair } from '../plan/carriage';
import type { Plan } from '../plan/types';
import { testCheck } from '../testing/check-tester';
import { profileOf } from '../testing/profile-of';
import { everyMode } from '../testing/sample-every-mode';
import { linkedInStandby } from './linked-in-standby';

const standby = (change: (profile: ReturnType<typeof profileOf>) => void) => (plan: Plan) => {
  profileOf(plan, 's1').standby = true;
  change(profileOf(plan, 's1'));
};
const leave = (plan: Plan) => void (profileOf(plan, 's1').standby = false);
const LINK = { reflector: 'LNK001', module: 'C' };

testCheck(linkedInStandby, {
  plan: everyMode,
  valid: [
    { name: 'nothing is linked', change: standby(() => undefined) },
    {
      name: 'linked, and no standby is asked for',
      change: (plan) => void (profileOf(plan, 's1').c4fm.startRoom = 41_205),
    },
    { name: 'a reflector that is linked by hand', change: standby((profile) => void (profile.dstar.startLink = LINK)) },
    {
      name: 'a start room of a mode that is off',
      change: standby((profile) => {
        profile.c4fm.startRoom = 41_205;
        setPair(profile, 'c4fm', 'c4fm', { on: false });
      }),
    },
  ],
  invalid: [
    {
      name: 'a static group, a reflector, a room and a group, all at once',
      change: standby((profile) => {
        profile.dmr.logins['n1']!.staticGroupIds = ['g1'];
        Object.assign(profile.dstar, { startLink: LINK, automatic: true });
        profile.c4fm.startRoom = 41_205;
        profile.p25.startGroup = 20_417;
      }),
      findings: [
        {
          message: 'linked',
          pointer: '/profiles/byId/s1/set/dmr/logins/n1/staticGroupIds',
          says: 'Home is in standby, yet hears DMR group 417 of Lantern from the start.',
          fixes: { out: (plan) => void (profileOf(plan, 's1').dmr.logins['n1']!.staticGroupIds = []), leave },
        },
        {
          message: 'linked',
          pointer: '/profiles/byId/s1/set/dstar/automatic',
          says: 'Home is in standby, yet hears D-STAR reflector LNK001 C from the start.',
          fixes: { out: (plan) => void (profileOf(plan, 's1').dstar.automatic = false), leave },
        },
        {
          message: 'linked',
          pointer: '/profiles/byId/s1/set/c4fm/startRoom',
          says: 'Home is in standby, yet hears C4FM room 41205 from the start.',
          fixes: { out: (plan) => void (profileOf(plan, 's1').c4fm.startRoom = null), leave },
        },
        {
          message: 'linked',
          pointer: '/profiles/byId/s1/set/p25/startGroup',
          says: 'Home is in standby, yet hears P25 group 20417 from the start.',
          fixes: { out: (plan) => void (profileOf(plan, 's1').p25.startGroup = null), leave },
        },
      ],
    },
  ],
});
