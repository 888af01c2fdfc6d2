import { testCheck } from '../../../testing/check-tester';
import { dstarChannel, dstarPlan, dstarPointer } from '../../../testing/sample-dstar';
import { urLeftOnCommand } from './ur-left-on-command';

testCheck(urLeftOnCommand, {
  plan: dstarPlan,
  valid: [
    { name: 'the call to all' },
    {
      name: 'the command of another reflector is told of elsewhere',
      change: (plan) => void (dstarChannel(plan, 'w-lnk-talk').dstar.ur = 'LNK001AL'),
    },
  ],
  invalid: [
    {
      name: 'the only entry that links',
      change: (plan) => {
        const { destination } = dstarChannel(plan, 'w-lnk-link');
        if (destination?.kind === 'reflector') destination.use = 'talk';
      },
      findings: [
        {
          message: 'only',
          pointer: '/codeplugs/r2/channels/byId/ch-w-lnk-link/destination/use',
          fixes: {
            link: (plan) => {
              const { destination } = dstarChannel(plan, 'w-lnk-link');
              if (destination?.kind === 'reflector') destination.use = 'link';
            },
          },
        },
      ],
    },
    {
      name: 'its own link command',
      change: (plan) => void (dstarChannel(plan, 'w-lnk-talk').dstar.ur = 'LNK001CL'),
      findings: [
        {
          message: 'left',
          pointer: dstarPointer('w-lnk-talk', 'ur'),
          says: 'UR is “LNK001CL”, a command; to talk, “CQCQCQ” is expected.',
          fixes: { set: (plan) => void (dstarChannel(plan, 'w-lnk-talk').dstar.ur = 'CQCQCQ  ') },
        },
      ],
    },
  ],
});
