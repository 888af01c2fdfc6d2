import { testCheck } from '../testing/check-tester';
import { modeNotEnabled } from './mode-not-enabled';

const ALL = ['g1', 'g2', 'g3', 'echo'];

testCheck(modeNotEnabled, {
  valid: [{ name: 'on' }],
  invalid: [
    { name: 'switched off', change: (plan) => void (plan.profiles['s1']!.modes.dmr = false), findings: ALL.map(() => ({ message: 'off', pointer: '/profiles/s1/modes/dmr', says: 'The channel is DMR; Home has DMR switched off.', fixes: { enable: (plan) => void (plan.profiles['s1']!.modes.dmr = true) } })) },
    { name: 'the hotspot has no DMR', change: (plan) => void (plan.sites.byId['s1']!.dmr = null), findings: ALL.map(() => ({ message: 'off', pointer: '/profiles/s1/modes/dmr' })) },
  ],
});
