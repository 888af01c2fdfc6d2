import { defineCheck } from '../../../checks/check';
import { channelPointer, channelSubject, set } from '../../../checks/walk';
import { toPointer } from '../../../plan/patches';
import { toneWords } from '../../../units/tones';
import { eachDisagreement } from './walk';

export const toneNotStandard = defineCheck({
  id: 'tone-not-standard',
  severity: 'doubtful',
  title: 'A tone that is in no table',
  fact: 'tone-value',
  docs: {
    summary: 'An FM channel has a CTCSS tone or a DCS code that radios are not built to.',
    why: 'Radios offer the tones of the table only; this one is most likely a slip.',
    remedy: 'Take the tone that was meant; the nearest of the table is offered.',
    source: { kind: 'from memory', name: 'the fifty CTCSS tones of TIA-603 and usual practice, and the 104 DCS codes' },
  },
  messages: { none: 'The channel has {has}; the nearest tone of the table is {expects}.' },
  fixes: { set: 'Set {expects}' },
  check(index, report) {
    eachDisagreement(index, 'tone-value', 'radio', (context, fact) => {
      const { toneTx, toneRx } = context.channel.fm;
      const sides = (
        [
          ['toneTx', toneTx],
          ['toneRx', toneRx],
        ] as const
      ).filter(([, tone]) => tone === fact.has);
      const data = { has: toneWords(String(fact.has)), expects: toneWords(String(fact.expects)) };
      const site = context.site?.fm ? context.site : null;
      // A list's slip went from the site into the channel: both are set.
      const atSite = (['toneIn', 'toneOut'] as const).flatMap((side) =>
        site?.fm?.[side] === fact.has ? [set(toPointer(['sites', 'byId', site.id, 'fm', side]), fact.expects)] : [],
      );
      const patches = [...sides.map(([side]) => set(channelPointer(context, 'fm', side), fact.expects)), ...atSite];
      report({
        message: 'none',
        data,
        pointer: channelPointer(context, 'fm', sides[0]![0]),
        subject: channelSubject(context),
        fixes: [{ id: 'set', patches }],
      });
    });
  },
});
