import { crossWords } from '../path/cross-mode';
import { profilePointer, switchPatch } from '../plan/profiles';
import { defineCheck } from './check';
import { channelSubject, eachDisagreement } from './walk';

export const crossingOff = defineCheck({
  id: 'crossing-off',
  severity: 'broken',
  title: 'Cross-mode is switched off',
  fact: 'crossing-on',
  docs: {
    summary: 'A channel needs its hotspot to turn one mode into another, and that is switched off in its profile.',
    why: 'The call stays in its own mode and never reaches the network that is meant.',
    remedy:
      'Switch the pair on under Hotspots. Say there whether your hotspot still reaches the mode’s own networks meanwhile.',
    source: { kind: 'common practice', name: 'air mode and network mode differ' },
  },
  messages: { off: 'The channel needs {words}; {site} has it switched off.' },
  fixes: { on: 'Switch {words} on in {site}' },
  check(index, report) {
    eachDisagreement(index, 'crossing-on', 'gateway', (context) => {
      const { pair } = context.crossing!;
      const site = context.site!;
      const pointer = profilePointer(index.plan, site.id, 'carriage');
      const data = { words: crossWords(index.modes, pair), site: site.name };
      report({
        message: 'off',
        data,
        pointer,
        subject: channelSubject(context),
        fixes: [{ id: 'on', patches: [switchPatch(index.plan, site.id, pair, true)] }],
      });
    });
  },
});
