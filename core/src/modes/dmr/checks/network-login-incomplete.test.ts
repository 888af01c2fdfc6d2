import { profileOf } from '../../../testing/profile-of';
import { newNetwork } from '../../../plan/create';
import { putRow } from '../../../plan/table';
import { testCheck } from '../../../testing/check-tester';
import { networkLoginIncomplete } from './network-login-incomplete';

const AT = '/profiles/byId/s1/set/dmr/logins/n1';

testCheck(networkLoginIncomplete, {
  valid: [
    { name: 'complete' },
    { name: 'a network nobody needs', change: (plan) => putRow(plan.networks, newNetwork('dmr', 'n2', 'Causeway')) },
  ],
  invalid: [
    {
      name: 'no password',
      change: (plan) => void (profileOf(plan, 's1').dmr.logins['n1']!.password = ''),
      findings: [{ message: 'incomplete', pointer: AT, says: 'The login of Home to Lantern lacks: password.' }],
    },
    {
      name: 'no server, no password, switched off',
      change: (plan) =>
        Object.assign(profileOf(plan, 's1').dmr.logins['n1']!, { enabled: false, serverId: null, password: '' }),
      findings: [
        {
          message: 'incomplete',
          pointer: AT,
          fixes: {
            complete: (plan) =>
              Object.assign(profileOf(plan, 's1').dmr.logins['n1']!, { enabled: true, serverId: 'srv' }),
          },
        },
      ],
    },
    {
      name: 'no DMR ID to log in with',
      change: (plan) => void (plan.station.dmrId = null),
      findings: [{ message: 'incomplete', pointer: AT }],
    },
    {
      name: 'no login at all',
      change: (plan) => void (profileOf(plan, 's1').dmr.logins = {}),
      findings: [{ message: 'incomplete', pointer: '/profiles/byId/s1/set/dmr/logins' }],
    },
    {
      name: 'no login and no destination',
      change: (plan) => {
        profileOf(plan, 's1').dmr.logins = {};
        for (const channel of Object.values(plan.codeplugs['r1']!.channels.byId)) channel.destination = null;
      },
      findings: [
        { message: 'missing', pointer: '/profiles/byId/s1/set/dmr/logins', says: 'Home has no login to any network.' },
      ],
    },
  ],
});
