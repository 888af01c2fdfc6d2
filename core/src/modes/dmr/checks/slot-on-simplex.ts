import { defineCheck } from '../../../checks/check';
import { channelPointer, channelSubject, set } from '../../../checks/walk';
import { eachDisagreement } from './walk';

export const slotOnSimplex = defineCheck({
  id: 'slot-on-simplex',
  severity: 'broken',
  title: 'Slot 1 on a simplex hotspot',
  fact: 'slot',
  docs: {
    summary: 'A channel uses time slot 1 towards a simplex hotspot.',
    why: 'A simplex hotspot listens and sends on slot 2 only: on slot 1 neither side hears the other.',
    remedy: 'Set the channel to slot 2.',
    source: { kind: 'common practice', name: 'simplex hotspots use slot 2' },
  },
  messages: { differs: 'The channel has slot {has}; a simplex hotspot hears slot {expects} only.' },
  fixes: { set: 'Set the channel to slot {expects}' },
  check(index, report) {
    eachDisagreement(index, 'slot', 'air', (context, fact) => {
      const pointer = channelPointer(context, 'dmr', 'slot');
      const data = { has: Number(fact.has), expects: Number(fact.expects) };
      report({ message: 'differs', data, pointer, subject: channelSubject(context), fixes: [{ id: 'set', patches: [set(pointer, fact.expects)] }] });
    });
  },
});
