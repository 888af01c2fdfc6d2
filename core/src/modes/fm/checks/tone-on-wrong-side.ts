import { defineCheck } from '../../../checks/check';
import { channelPointer, channelSubject, set } from '../../../checks/walk';
import { isStandardTone, sameTone, type ToneText, toneWords } from '../../../units/tones';
import { eachDisagreement } from './walk';

export const toneOnWrongSide = defineCheck({
  id: 'tone-on-wrong-side',
  severity: 'broken',
  title: 'The tone is set on the wrong side',
  fact: 'tone',
  docs: {
    summary: 'An FM channel opens on the tone that its site needs, and sends none.',
    why: 'The site stays shut, and the radio stays silent unless the site happens to send the tone.',
    remedy: 'Send the tone; open on any signal.',
    source: { kind: 'published', name: 'TIA-603 (continuous tone-controlled squelch)' },
  },
  messages: { swapped: 'The channel opens on {expects} and sends no tone; {site} opens on {expects}.' },
  fixes: { swap: 'Send {expects}, and open on any signal' },
  check(index, report) {
    eachDisagreement(index, 'tone', 'site', (context, fact) => {
      if (fact.has !== null || !sameTone(context.channel.fm.toneRx, fact.expects as ToneText | null)) return;
      const at = (side: 'toneTx' | 'toneRx') => channelPointer(context, 'fm', side);
      report({
        message: 'swapped',
        data: { site: context.site!.name, expects: toneWords(String(fact.expects)) },
        pointer: at('toneTx'),
        subject: channelSubject(context),
        // A tone that no radio is built to is the site's fault, told there.
        fixes: !isStandardTone(String(fact.expects))
          ? []
          : [{ id: 'swap', patches: [set(at('toneTx'), fact.expects), set(at('toneRx'), null)] }],
      });
    });
  },
});
