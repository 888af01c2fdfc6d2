import { pairWords } from '../../../path/fact-words';
import { defineCheck } from '../../../checks/check';
import { channelPointer, channelSubject } from '../../../checks/walk';
import { listedReflector } from '../links';
import { eachNote } from './walk';

export const reflectorUnknown = defineCheck({
  id: 'reflector-unknown',
  severity: 'note',
  title: 'The directory does not know this reflector or module',
  fact: 'reflector',
  docs: {
    summary: 'A channel asks for a reflector, or for a module of one, that the directory of its family does not list.',
    why: 'A gateway says that it cannot link, or links you to an empty module.',
    remedy: 'Compare the number and module with the family’s directory, or add it under Networks.',
  },
  messages: { unknown: '{has} is in no directory of the plan.', module: 'The directory lists {expects}; found {has}.' },
  fixes: {},
  check(index, report) {
    eachNote(index, 'reflector', 'network', (context, fact) => {
      const { has } = pairWords(context, fact);
      const listed = listedReflector(index.plan, fact.has.reflector);
      const expects = listed ? `${fact.has.reflector} ${[...listed.modules].join(', ')}` : '';
      report({
        message: listed ? 'module' : 'unknown',
        data: { has, expects },
        pointer: channelPointer(context, 'dstar', 'ur'),
        subject: channelSubject(context),
      });
    });
  },
});
