import { defineCheck } from '../../../checks/check';
import { channelPointer, channelSubject, set } from '../../../checks/walk';
import { eachDisagreement } from './walk';
import { FACT_WORDS } from '../../../path/facts';

export const admitCriterion = defineCheck({
  id: 'admit-criterion',
  severity: 'doubtful',
  title: 'Admit criterion',
  fact: 'admit',
  docs: {
    summary: 'A channel transmits under a condition that does not suit where it is used.',
    why: '“Always” lets you talk over others anywhere but on your own hotspot; “channel free” is held back by any noise.',
    remedy: 'Use “color code free”; “always” only on your own hotspot.',
    source: { kind: 'common practice', name: 'color code free keeps a radio from doubling' },
  },
  messages: { unfit: 'The channel admits “{has}”; expected “{expects}” here.' },
  fixes: { set: 'Set it to “{expects}”' },
  check(index, report) {
    eachDisagreement(index, 'admit', 'radio', (context, fact) => {
      const pointer = channelPointer(context, 'dmr', 'admit');
      const data = { has: FACT_WORDS.admit.read(fact.has), expects: FACT_WORDS.admit.read('color-code-free') };
      report({ message: 'unfit', data, pointer, subject: channelSubject(context), fixes: [{ id: 'set', patches: [set(pointer, 'color-code-free')] }] });
    });
  },
});
