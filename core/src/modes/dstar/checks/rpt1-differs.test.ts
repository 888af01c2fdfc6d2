import { testCheck } from '../../../testing/check-tester';
import { dstarChannel, dstarPlan, dstarPointer } from '../../../testing/sample-dstar';
import { channelsAt } from '../../../testing/sample-plan';
import { rpt1Differs } from './rpt1-differs';

testCheck(rpt1Differs, {
  plan: dstarPlan,
  valid: [
    { name: 'its own' },
    {
      name: 'a misplaced letter is told of elsewhere',
      change: (plan) => void (dstarChannel(plan, 'w-lnk-talk').dstar.rpt1 = 'QO3VESB '),
    },
  ],
  invalid: [
    {
      name: 'another module',
      change: (plan) => void (dstarChannel(plan, 'w-lnk-talk').dstar.rpt1 = 'QO3VES C'),
      findings: [
        {
          message: 'differs',
          pointer: dstarPointer('w-lnk-talk', 'rpt1'),
          says: 'RPT1 is “QO3VES·C”; Home expects “QO3VES·B”.',
          fixes: { set: (plan) => void (dstarChannel(plan, 'w-lnk-talk').dstar.rpt1 = 'QO3VES B') },
        },
      ],
    },
    {
      name: 'the hotspot’s module was changed',
      change: (plan) => void (plan.sites.byId['s1']!.dstar!.module = 'C'),
      findings: channelsAt(dstarPlan(), 'r2').map(({ id }) => ({
        message: 'differs',
        pointer: `/codeplugs/r2/channels/byId/${id}/dstar/rpt1`,
        fixes: {
          set: (plan) => void (dstarChannel(plan, id.slice('ch-'.length)).dstar.rpt1 = 'QO3VES C'),
          site: (plan) => void (plan.sites.byId['s1']!.dstar!.module = 'B'),
        },
      })),
    },
    {
      name: 'nothing',
      change: (plan) => void (dstarChannel(plan, 'w-near').dstar.rpt1 = ' '.repeat(8)),
      findings: [
        {
          message: 'differs',
          pointer: dstarPointer('w-near', 'rpt1'),
          says: 'RPT1 is “empty”; Merrin Ridge expects “QO1MRR·B”.',
          fixes: { set: (plan) => void (dstarChannel(plan, 'w-near').dstar.rpt1 = 'QO1MRR B') },
        },
      ],
    },
  ],
});
