import { testCheck } from '../../../testing/check-tester';
import { dstarChannel, dstarPlan, dstarPointer } from '../../../testing/sample-dstar';
import { simplexSendsNoRpt } from './simplex-sends-no-rpt';

testCheck(simplexSendsNoRpt, {
  plan: dstarPlan,
  valid: [
    { name: 'duplex' },
    {
      name: 'over a cable nothing is sent',
      change: (plan) => {
        plan.sites.byId['s1']!.dstar!.cable = true;
        dstarChannel(plan, 'w-lnk-talk').dstar.duplex = false;
      },
    },
  ],
  invalid: [
    {
      name: 'a hotspot',
      change: (plan) => void (dstarChannel(plan, 'w-lnk-talk').dstar.duplex = false),
      findings: [
        {
          message: 'hotspot',
          pointer: dstarPointer('w-lnk-talk', 'duplex'),
          says: 'The channel is set to simplex; Home needs duplex with a shift of zero.',
          fixes: { set: (plan) => void (dstarChannel(plan, 'w-lnk-talk').dstar.duplex = true) },
        },
      ],
    },
    {
      name: 'a repeater',
      change: (plan) => void (dstarChannel(plan, 'w-near').dstar.duplex = false),
      findings: [
        {
          message: 'repeater',
          pointer: dstarPointer('w-near', 'duplex'),
          fixes: { set: (plan) => void (dstarChannel(plan, 'w-near').dstar.duplex = true) },
        },
      ],
    },
  ],
});
