import { testCheck } from '../testing/check-tester';
import { profileOf } from '../testing/profile-of';
import { remoteCommandsOn } from './remote-commands-on';

testCheck(remoteCommandsOn, {
  valid: [
    { name: 'nobody has said' },
    { name: 'off', change: (plan) => void (profileOf(plan, 's1').remoteCommands = false) },
  ],
  invalid: [
    {
      name: 'on',
      change: (plan) => void (profileOf(plan, 's1').remoteCommands = true),
      findings: [
        {
          message: 'on',
          pointer: '/profiles/byId/s1/set/remoteCommands',
          says: 'Home carries out commands sent by radio.',
          fixes: { off: (plan) => void (profileOf(plan, 's1').remoteCommands = false) },
        },
      ],
    },
  ],
});
