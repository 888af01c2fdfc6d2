import { testCheck } from '../../../testing/check-tester';
import type { Plan } from '../../../plan/types';
import { channelOf, CHANNEL } from '../../../testing/sample-plan';
import { repeaterOf, sitesPlan } from '../../../testing/sample-sites';
import { colorCodeSystem } from './color-code-system';

const home = (code: number) => (plan: Plan) => {
  plan.sites.byId['s1']!.dmr!.colorCode = code;
  for (const id of ['g1', 'g2', 'g3', 'echo']) channelOf(plan, id).dmr.colorCode = code;
};

// From memory: color code 15 is set aside for system use.
testCheck(colorCodeSystem, {
  plan: sitesPlan,
  valid: [{ name: 'another' }, { name: '0', change: home(0) }],
  invalid: [
    {
      name: 'one’s own hotspot',
      change: home(15),
      findings: [
        {
          message: 'site',
          pointer: '/sites/byId/s1/dmr/colorCode',
          says: 'Home has color code 15; expected 0 to 14.',
          fixes: { site: home(1) },
        },
      ],
    },
    {
      name: 'a repeater, which only its keeper can change',
      change: (plan) => void (repeaterOf(plan, 'rp1').dmr!.colorCode = 15),
      findings: [{ message: 'site', pointer: '/sites/byId/rp1/dmr/colorCode' }],
    },
    {
      name: 'a channel from radio to radio',
      change: (plan) => {
        Object.assign(channelOf(plan, 'g1'), { siteId: null, purpose: 'direct' });
        channelOf(plan, 'g1').dmr.colorCode = 15;
      },
      findings: [
        {
          message: 'channel',
          pointer: `${CHANNEL}/dmr/colorCode`,
          fixes: { channel: (plan) => void (channelOf(plan, 'g1').dmr.colorCode = 1) },
        },
      ],
    },
  ],
});
