import { testCheck } from '../testing/check-tester';
import { repeaterOf, sitesPlan } from '../testing/sample-sites';
import { modeNotEnabled } from './mode-not-enabled';

const ALL = ['g1', 'g2', 'g3', 'echo'];

testCheck(modeNotEnabled, {
  plan: sitesPlan,
  valid: [{ name: 'on' }],
  invalid: [
    { name: 'switched off', change: (plan) => void (plan.profiles['s1']!.modes.dmr = false), findings: ALL.map(() => ({ message: 'off', pointer: '/profiles/s1/modes/dmr', says: 'The channel is DMR; Home has DMR switched off.', fixes: { enable: (plan) => void (plan.profiles['s1']!.modes.dmr = true) } })) },
    { name: 'the hotspot has no DMR', change: (plan) => void (plan.sites.byId['s1']!.dmr = null), findings: ALL.map(() => ({ message: 'off', pointer: '/profiles/s1/modes/dmr' })) },
    { name: 'the repeater has no FM', change: (plan) => void (repeaterOf(plan, 'rp3').fm = null), findings: [{ message: 'lacks', pointer: '/sites/byId/rp3/fm', says: 'The channel is FM; Port Ellery has no FM.' }] },
  ],
});
