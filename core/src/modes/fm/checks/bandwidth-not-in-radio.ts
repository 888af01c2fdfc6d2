import { defineCheck } from '../../../checks/check';
import { channelPointer, channelSubject, set } from '../../../checks/walk';
import { eachDisagreement } from './walk';

export const bandwidthNotInRadio = defineCheck({
  id: 'bandwidth-not-in-radio',
  severity: 'broken',
  title: 'The radio has not this FM width',
  fact: 'width-in-radio',
  docs: {
    summary: 'An FM channel has a width that its radio cannot be set to.',
    why: 'The radio cannot store or send such a channel.',
    remedy: 'Use a width the radio has, or say under Radios that it has this one.',
    source: { kind: 'common practice', name: 'widths are a property of the radio' },
  },
  messages: { lacks: 'The channel is {has} kHz wide; {radio} has {expects}.' },
  fixes: { set: 'Set the width to {expects}' },
  check(index, report) {
    eachDisagreement(index, 'width-in-radio', 'radio', (context, fact) => {
      const pointer = channelPointer(context, 'fm', 'widthHz');
      const expects = fact.expects === null ? 'no FM width' : `${Number(fact.expects) / 1000} kHz`;
      const fixes = fact.expects === null ? [] : [{ id: 'set' as const, patches: [set(pointer, fact.expects)] }];
      report({ message: 'lacks', data: { radio: context.radio.name, has: Number(fact.has) / 1000, expects }, pointer, subject: channelSubject(context), fixes });
    });
  },
});
