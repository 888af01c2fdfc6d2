import { defineCheck } from '../../../checks/check';
import { channelPointer, channelSubject, set } from '../../../checks/walk';
import { toneWords } from '../../../radio-math/tones';
import { eachDisagreement } from './walk';

export const toneDiffers = defineCheck({
  id: 'tone-differs',
  severity: 'broken',
  title: 'Tone differs between channel and site',
  fact: 'tone',
  docs: {
    summary: 'An FM channel sends another tone than its site opens on.',
    why: 'The site stays shut: you hear it, and it does not hear you.',
    remedy: 'Set the site’s tone. If the list is wrong, correct it once under Sites.',
    source: { kind: 'published', name: 'TIA-603 (continuous tone-controlled squelch)' },
  },
  messages: { differs: 'The channel sends {has}; {site} opens on {expects}.' },
  fixes: { set: 'Send {expects}' },
  check(index, report) {
    eachDisagreement(index, 'tone', 'site', (context, fact) => {
      // No tone at all has a check of its own.
      if (fact.has === null) return;
      const pointer = channelPointer(context, 'fm', 'toneTx');
      const data = { site: context.site!.name, has: toneWords(String(fact.has)), expects: toneWords(String(fact.expects)) };
      report({ message: 'differs', data, pointer, subject: channelSubject(context), fixes: [{ id: 'set', patches: [set(pointer, fact.expects)] }] });
    });
  },
});
