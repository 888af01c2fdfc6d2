import { defineCheck } from '../../../checks/check';
import { channelPointer, channelSubject, set } from '../../../checks/walk';
import { toneWords } from '../../../units/tones';
import { eachDisagreement } from './walk';

export const toneHeardDiffers = defineCheck({
  id: 'tone-heard-differs',
  severity: 'broken',
  title: 'The radio opens on a tone that the site does not send',
  fact: 'tone-heard',
  docs: {
    summary: 'An FM channel opens its squelch on a tone that its site does not send.',
    why: 'The radio stays silent although the site is heard: you talk and hear nothing.',
    remedy: 'Open on any signal, or on the tone the site sends.',
    source: { kind: 'common practice', name: 'tone set on the receiving side only when the site sends it' },
  },
  messages: {
    none: 'The channel opens on {has}; {site} sends no tone.',
    differs: 'The channel opens on {has}; {site} sends {expects}.',
  },
  fixes: { open: 'Open on any signal' },
  check(index, report) {
    eachDisagreement(index, 'tone-heard', 'site', (context, fact) => {
      const pointer = channelPointer(context, 'fm', 'toneRx');
      const data = {
        site: context.site!.name,
        has: toneWords(String(fact.has)),
        expects: toneWords(fact.expects === null ? null : String(fact.expects)),
      };
      report({
        message: fact.expects === null ? 'none' : 'differs',
        data,
        pointer,
        subject: channelSubject(context),
        fixes: [{ id: 'open', patches: [set(pointer, null)] }],
      });
    });
  },
});
