import { testCheck } from '../../../testing/check-tester';
import { dstarChannel, dstarPlan, dstarPointer } from '../../../testing/sample-dstar';
import { DIRECT } from '../access';
import { directMixed } from './direct-mixed';

testCheck(directMixed, {
  plan: dstarPlan,
  valid: [
    { name: 'over the air without it' },
    {
      name: 'all of a site on a cable',
      change: (plan) => {
        plan.sites.byId['rp4']!.dstar!.cable = true;
        for (const part of ['w-wav-link', 'w-wav-talk', 'w-wav-unlink', 'w-wav-status', 'w-wav-echo', 'w-near'])
          Object.assign(dstarChannel(plan, part).dstar, DIRECT);
      },
    },
  ],
  invalid: [
    {
      name: 'over the air',
      change: (plan) => void (dstarChannel(plan, 'w-lnk-talk').dstar.rpt1 = DIRECT.rpt1),
      findings: [
        {
          message: 'air',
          pointer: dstarPointer('w-lnk-talk', 'rpt1'),
          says: 'RPT1 is “DIRECT” and RPT2 “QO3VES·G”; Home is called over the air.',
          fixes: { set: (plan) => void (dstarChannel(plan, 'w-lnk-talk').dstar.rpt1 = 'QO3VES B') },
        },
      ],
    },
    {
      name: 'a local call over the air',
      change: (plan) => void Object.assign(dstarChannel(plan, 'w-near').dstar, DIRECT),
      findings: [
        {
          message: 'air',
          pointer: dstarPointer('w-near', 'rpt1'),
          fixes: {
            set: (plan) =>
              void Object.assign(dstarChannel(plan, 'w-near').dstar, { rpt1: 'QO1MRR B', rpt2: 'QO1MRR B' }),
          },
        },
      ],
    },
    {
      name: 'a cable without it, in one field',
      change: (plan) => {
        plan.sites.byId['rp4']!.dstar!.cable = true;
        for (const part of ['w-wav-link', 'w-wav-talk', 'w-wav-unlink', 'w-wav-status', 'w-wav-echo', 'w-near'])
          Object.assign(dstarChannel(plan, part).dstar, DIRECT);
        dstarChannel(plan, 'w-near').dstar.rpt2 = 'QO1MRR G';
      },
      findings: [
        {
          message: 'cable',
          pointer: dstarPointer('w-near', 'rpt1'),
          says: 'RPT1 is “DIRECT” and RPT2 “QO1MRR·G”; Merrin Ridge is on a cable and expects DIRECT in both.',
          fixes: { set: (plan) => void (dstarChannel(plan, 'w-near').dstar.rpt2 = DIRECT.rpt2) },
        },
      ],
    },
  ],
});
