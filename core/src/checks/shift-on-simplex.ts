import { maySendOn } from '../path/common-facts';
import { formatShiftMHz } from '../units/quantities';
import { defineCheck } from './check';
import { channelPointer, channelSubject, eachDisagreement, set } from './walk';

export const shiftOnSimplex = defineCheck({
  id: 'shift-on-simplex',
  severity: 'broken',
  title: 'Shift set on a simplex path',
  fact: 'shift',
  docs: {
    summary: 'A channel transmits with a shift although its hotspot listens where it sends.',
    why: 'You hear the hotspot, but it does not hear you.',
    remedy: 'Set the shift to 0.',
    source: { kind: 'common practice', name: 'simplex hotspots use one frequency' },
  },
  messages: { differs: 'The channel shifts by {has} MHz; the hotspot expects {expects}.' },
  fixes: { set: 'Set the shift to {expects}' },
  check(index, report) {
    eachDisagreement(index, 'shift', 'air', (context, fact) => {
      const shift = Number(fact.expects);
      if (shift !== 0) return;
      const data = { has: formatShiftMHz(Number(fact.has)), expects: formatShiftMHz(shift) };
      const pointer = channelPointer(context, 'txHz');
      report({
        message: 'differs',
        data,
        pointer,
        subject: channelSubject(context),
        // Where the channel may not send, the site is what is wrong.
        fixes: maySendOn(context, context.channel.rxHz + shift)
          ? [{ id: 'set', patches: [set(pointer, context.channel.rxHz + shift)] }]
          : [],
      });
    });
  },
});
