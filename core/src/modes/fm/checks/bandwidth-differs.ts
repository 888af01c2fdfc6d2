import { defineCheck } from '../../../checks/check';
import { channelPointer, channelSubject, set } from '../../../checks/walk';
import { eachDisagreement } from './walk';

export const bandwidthDiffers = defineCheck({
  id: 'bandwidth-differs',
  severity: 'doubtful',
  title: 'Width differs between channel and site',
  fact: 'width',
  docs: {
    summary: 'An FM channel is wide where its site is narrow, or the reverse.',
    why: 'Too wide is distorted and disturbs the next channel; too narrow is faint.',
    remedy: 'Set the width of the site; it goes by country.',
    source: { kind: 'common practice', name: 'FM of 25 or 12.5 kHz spacing, by country' },
  },
  messages: { differs: 'The channel is {has} kHz wide; {site} is {expects} kHz.' },
  fixes: { set: 'Set the width to {expects} kHz' },
  check(index, report) {
    eachDisagreement(index, 'width', 'air', (context, fact) => {
      const pointer = channelPointer(context, 'fm', 'widthHz');
      const data = { site: context.site!.name, has: Number(fact.has) / 1000, expects: Number(fact.expects) / 1000 };
      report({ message: 'differs', data, pointer, subject: channelSubject(context), fixes: [{ id: 'set', patches: [set(pointer, fact.expects)] }] });
    });
  },
});
