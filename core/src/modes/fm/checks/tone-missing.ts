import { defineCheck } from '../../../checks/check';
import { channelPointer, channelSubject, set } from '../../../checks/walk';
import { toneWords } from '../../../radio-math/tones';
import { eachDisagreement } from './walk';

export const toneMissing = defineCheck({
  id: 'tone-missing',
  severity: 'broken',
  title: 'No tone where the site needs one',
  fact: 'tone',
  docs: {
    summary: 'An FM channel sends no tone to a site that opens on one.',
    why: 'The site stays shut: you hear it, and it does not hear you.',
    remedy: 'Set the tone that the site needs.',
    source: { kind: 'published', name: 'TIA-603 (continuous tone-controlled squelch)' },
  },
  messages: { missing: 'The channel sends no tone; {site} opens on {expects}.' },
  fixes: { set: 'Send {expects}' },
  check(index, report) {
    eachDisagreement(index, 'tone', 'site', (context, fact) => {
      // A tone on the receiving side has a check of its own.
      if (fact.has !== null || context.channel.fm.toneRx === fact.expects) return;
      const pointer = channelPointer(context, 'fm', 'toneTx');
      const data = { site: context.site!.name, expects: toneWords(String(fact.expects)) };
      report({ message: 'missing', data, pointer, subject: channelSubject(context), fixes: [{ id: 'set', patches: [set(pointer, fact.expects)] }] });
    });
  },
});
