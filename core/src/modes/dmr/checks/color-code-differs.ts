import { defineCheck } from '../../../checks/check';
import { channelPointer, channelSubject, set } from '../../../checks/walk';
import { eachDisagreement } from './walk';

export const colorCodeDiffers = defineCheck({
  id: 'color-code-differs',
  severity: 'broken',
  title: 'Color code differs between channel and site',
  fact: 'color-code',
  docs: {
    summary: 'A channel sends another color code than its site expects.',
    why: 'The site ignores calls with another color code, and the radio ignores the site’s.',
    remedy: 'Set the channel to the site’s color code.',
    source: { kind: 'published', name: 'ETSI TS 102 361-1 (color code, 4 bits)' },
  },
  messages: { differs: '{channel}: channel has {has}, site has {expects}.' },
  fixes: { set: 'Set the channel to {expects}' },
  check(index, report) {
    eachDisagreement(index, 'color-code', 'site', (context, fact) => {
      const pointer = channelPointer(context, 'dmr', 'colorCode');
      const data = { channel: context.channel.name, has: Number(fact.has), expects: Number(fact.expects) };
      report({ message: 'differs', data, pointer, subject: channelSubject(context), fixes: [{ id: 'set', patches: [set(pointer, fact.expects)] }] });
    });
  },
});
