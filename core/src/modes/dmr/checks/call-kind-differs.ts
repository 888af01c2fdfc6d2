import { defineCheck } from '../../../checks/check';
import { calledNumber } from '../links';
import { channelPointer, channelSubject, set } from '../../../checks/walk';
import { eachDisagreement } from './walk';

export const callKindDiffers = defineCheck({
  id: 'call-kind-differs',
  severity: 'broken',
  title: 'Group called as private, or the reverse',
  fact: 'call-kind',
  docs: {
    summary: 'A channel makes a private call to a group, or a group call to a number that wants a private one.',
    why: 'The network keeps groups and stations apart: the same number as the other kind reaches somebody else or nobody.',
    remedy: 'Set the kind of call that the destination expects.',
    source: { kind: 'published', name: 'ETSI TS 102 361-2 (group and unit to unit voice calls)' },
  },
  messages: { differs: 'The channel makes a {has} call to {number}; the destination expects a {expects} call.' },
  fixes: { set: 'Make it a {expects} call' },
  check(index, report) {
    eachDisagreement(index, 'call-kind', 'network', (context, fact) => {
      const pointer = channelPointer(context, 'dmr', 'call', 'kind');
      const data = { has: String(fact.has), expects: String(fact.expects), number: calledNumber(context) };
      report({ message: 'differs', data, pointer, subject: channelSubject(context), fixes: [{ id: 'set', patches: [set(pointer, fact.expects)] }] });
    });
  },
});
