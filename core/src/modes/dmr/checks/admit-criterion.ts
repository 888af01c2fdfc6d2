import { isRule } from '../../../path/fact-types';
import { ADMIT_WORDS } from '../channel';
import { valueCheck } from '../../../checks/value-check';

export const admitCriterion = valueCheck({
  id: 'admit-criterion',
  severity: 'doubtful',
  title: 'Admit criterion',
  mode: 'dmr',
  fact: 'admit',
  hops: ['radio'],
  field: ['dmr', 'admit'],
  docs: {
    summary: 'A channel transmits under a condition that does not suit where it is used.',
    why: '“Always” lets you talk over others anywhere but on your own hotspot; “channel free” is held back by any noise.',
    remedy: 'Use “color code free”; “always” only on your own hotspot.',
    source: { kind: 'common practice', name: 'color code free keeps a radio from doubling' },
  },
  messages: { unfit: 'The channel admits “{has}”; expected “{expects}” here.' },
  data: (_, { has, expects }) => ({ has: ADMIT_WORDS[has], expects: ADMIT_WORDS[isRule(expects) ? has : expects] }),
  press: 'Set it to “{expects}”',
});
