import { setPair } from '../plan/carriage';
import type { Plan } from '../plan/types';
import { profileOf } from '../testing/profile-of';
import { testCheck } from '../testing/check-tester';
import { fmChannel, repeaterOf, sitesPlan } from '../testing/sample-sites';
import { modeNotEnabled } from './mode-not-enabled';

const switched = (on: boolean) => (plan: Plan) => setPair(profileOf(plan, 's1'), 'dmr', 'dmr', { on });

const ALL = ['g1', 'g2', 'g3', 'echo'];

testCheck(modeNotEnabled, {
  plan: sitesPlan,
  valid: [
    { name: 'on' },
    {
      name: 'a hotspot that is an FM node',
      change: (plan) => {
        plan.sites.byId['s1']!.fm = { toneIn: 'none', toneOut: 'none', widthHz: 12_500 };
        fmChannel(plan).siteId = 's1';
      },
    },
  ],
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
      findings: ALL.map(() => ({
        message: 'lacks',
        pointer: '/sites/byId/s1/dmr',
        fixes: {
          has: (plan: Plan) => {
            plan.sites.byId['s1']!.dmr = { colorCode: 1, carries: null };
            setPair(profileOf(plan, 's1'), 'dmr', 'dmr', { able: true, on: true });
          },
        },
      })),
    },
    {
      name: 'FM through one’s own hotspot, which is no FM node yet',
      change: (plan) => void (fmChannel(plan).siteId = 's1'),
      findings: [
        {
          message: 'lacks',
          pointer: '/sites/byId/s1/fm',
          says: 'The channel is FM; Home has no FM.',
          fixes: {
            has: (plan) =>
              void (plan.sites.byId['s1']!.fm = { toneIn: 'none', toneOut: 'none', widthHz: plan.station.fmWidthHz }),
          },
        },
      ],
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
