import { defineCheck } from '../../../checks/check';
import { readCommand } from '../addresses';
import { eachUr, reportUr, urFault } from './walk';

export const linkCommandMalformed = defineCheck({
  id: 'link-command-malformed',
  severity: 'broken',
  title: 'UR is a command that no gateway takes',
  fact: 'ur',
  docs: {
    summary:
      'UR looks like a command, and is not one: a letter stands in another place than the eighth, the L is missing, or the module is no letter.',
    why: 'The gateway says that it does not know you, or nothing; nothing is linked.',
    remedy:
      'A link command is three letters, three digits, the module and L; unlink, status and echo are seven spaces and U, I or E.',
    source: { kind: 'common practice', name: 'eight characters, the command letter in the eighth' },
  },
  messages: { malformed: 'UR is “{has}”: {why}; expected “{expects}”.', unaimed: 'UR is “{has}”: {why}.' },
  fixes: { set: 'Set UR to {expects}' },
  check(index, report) {
    eachUr(index, (context, fact) => {
      if (urFault(context, fact) !== 'malformed') return;
      const command = readCommand(context.channel.dstar.ur);
      reportUr(report, context, context.channel.destination ? 'malformed' : 'unaimed', {
        why: command.kind === 'malformed' ? command.why : '',
      });
    });
  },
});
