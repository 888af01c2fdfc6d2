import { setPair } from '../plan/carriage';
import type { Plan } from '../plan/types';
import { profileOf } from '../testing/profile-of';
import { testCheck } from '../testing/check-tester';
import { repeaterOf, sitesPlan } from '../testing/sample-sites';
import { modeNotEnabled } from './mode-not-enabled';

const switched = (on: boolean) => (plan: Plan) => setPair(profileOf(plan, 's1'), 'dmr', 'dmr', { on });

const ALL = ['g1', 'g2', 'g3', 'echo'];

testCheck(modeNotEnabled, {
  plan: sitesPlan,
  valid: [{ name: 'on' }],
  invalid: [
    {
      name: 'switched off',
      change: switched(false),
      findings: ALL.map(() => ({
        message: 'off',
        pointer: '/profiles/byId/s1/set/carriage',
        says: 'The channel is DMR; Home has DMR switched off.',
        fixes: { enable: switched(true) },
      })),
    },
    {
      name: 'the hotspot has no DMR',
      change: (plan) => void (plan.sites.byId['s1']!.dmr = null),
      findings: ALL.map(() => ({ message: 'off', pointer: '/profiles/byId/s1/set/carriage' })),
    },
    {
      name: 'the repeater has no FM',
      change: (plan) => void (repeaterOf(plan, 'rp3').fm = null),
      findings: [
        { message: 'lacks', pointer: '/sites/byId/rp3/fm', says: 'The channel is FM; Port Ellery has no FM.' },
      ],
    },
  ],
});
