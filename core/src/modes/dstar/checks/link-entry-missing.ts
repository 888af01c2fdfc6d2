import { pairWords } from '../../../path/fact-words';
import { defineCheck } from '../../../checks/check';
import { channelPointer, channelSubject } from '../../../checks/walk';
import { eachNote } from './walk';

export const linkEntryMissing = defineCheck({
  id: 'link-entry-missing',
  severity: 'note',
  title: 'No entry links the repeater, and its link is not known',
  fact: 'link',
  docs: {
    summary:
      'A channel is meant for a reflector through a repeater whose link nobody has said, and the radio has no entry that links it.',
    why: 'It works while others have linked the repeater there, and on no other day.',
    remedy: 'Build the link entry from the want; ask before you change what a shared repeater is linked to.',
    source: { kind: 'common practice', name: 'link first, then talk' },
  },
  messages: {
    unsaid: 'Nobody has said what {site} is linked to; expected {expects}, and {radio} has no entry that links it.',
  },
  fixes: {},
  check(index, report) {
    eachNote(index, 'link', 'gateway', (context, fact) => {
      report({
        message: 'unsaid',
        data: { site: context.site!.name, expects: pairWords(context, fact).expects, radio: context.radio.name },
        pointer: channelPointer(context, 'destination'),
        subject: channelSubject(context),
      });
    });
  },
});
