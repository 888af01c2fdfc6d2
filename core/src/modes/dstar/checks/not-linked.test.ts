import { profileOf } from '../../../testing/profile-of';
import { testCheck } from '../../../testing/check-tester';
import { dstarChannel, dstarPlan } from '../../../testing/sample-dstar';
import { removeRow } from '../../../plan/table';
import { notLinked } from './not-linked';

testCheck(notLinked, {
  plan: dstarPlan,
  valid: [
    { name: 'an entry links it' },
    {
      name: 'linked at start',
      change: (plan) => {
        removeRow(plan.codeplugs['r2']!.channels, 'ch-w-lnk-link');
        profileOf(plan, 's1').dstar = { startLink: { reflector: 'LNK001', module: 'C' }, automatic: true };
      },
    },
    {
      name: 'a repeater is told of elsewhere',
      change: (plan) => removeRow(plan.codeplugs['r2']!.channels, 'ch-w-wav-link'),
    },
  ],
  invalid: [
    {
      name: 'to nothing',
      change: (plan) => removeRow(plan.codeplugs['r2']!.channels, 'ch-w-lnk-link'),
      findings: [
        {
          message: 'nothing',
          pointer: '/codeplugs/r2/channels/byId/ch-w-lnk-talk/destination',
          says: 'Home is linked to nothing; expected LNK001 C, and Pilot has no entry that links it.',
        },
      ],
    },
    {
      name: 'by an entry that has a fault of its own',
      change: (plan) => void (dstarChannel(plan, 'w-lnk-link').dstar.rpt2 = 'QO3VES B'),
      findings: [
        {
          message: 'entry',
          pointer: '/codeplugs/r2/channels/byId/ch-w-lnk-talk/destination',
          says: 'Home is not linked to LNK001 C: LNK001 C link, which is meant to link it, does not.',
        },
      ],
    },
    {
      name: 'elsewhere',
      change: (plan) => {
        removeRow(plan.codeplugs['r2']!.channels, 'ch-w-lnk-link');
        profileOf(plan, 's1').dstar = { startLink: { reflector: 'WAV042', module: 'A' }, automatic: true };
      },
      findings: [
        {
          message: 'elsewhere',
          pointer: '/codeplugs/r2/channels/byId/ch-w-lnk-talk/destination',
          says: 'Home is linked to WAV042 A; expected LNK001 C, and Pilot has no entry that links it.',
        },
      ],
    },
  ],
});
