import { crossingWords } from '../path/crossing';
import { toPointer } from '../plan/patches';
import { defineCheck } from './check';
import { channelSubject, eachDisagreement } from './walk';

export const crossingOff = defineCheck({
  id: 'crossing-off',
  severity: 'broken',
  title: 'The crossing is switched off',
  fact: 'crossing-on',
  docs: {
    summary: 'A channel needs its hotspot to turn one mode into another, and that is switched off in its profile.',
    why: 'The call stays in its own mode and never reaches the network that is meant.',
    remedy: 'Switch the crossing on under Hotspots. Some hotspots then send no call of that mode to its own networks: look at what yours does.',
    source: { kind: 'common practice', name: 'air mode and network mode differ' },
  },
  messages: { off: 'The channel needs {words}; {site} has it switched off.' },
  fixes: { on: 'Switch {words} on in {site}' },
  check(index, report) {
    eachDisagreement(index, 'crossing-on', 'gateway', (context) => {
      const { id } = context.crossing!;
      const site = context.site!;
      const pointer = toPointer(['profiles', site.id, 'crossings']);
      report({ message: 'off', data: { words: crossingWords(id), site: site.name }, pointer, subject: channelSubject(context), fixes: [{ id: 'on', patches: [{ op: 'add', path: `${pointer}/-`, value: id }] }] });
    });
  },
});
