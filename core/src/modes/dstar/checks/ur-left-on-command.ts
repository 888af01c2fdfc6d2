import { defineCheck } from '../../../checks/check';
import { eachUr, reportUr, urFault } from './walk';

export const urLeftOnCommand = defineCheck({
  id: 'ur-left-on-command',
  severity: 'doubtful',
  title: 'UR is left on the link command',
  fact: 'ur',
  docs: {
    summary: 'A channel that is meant for talking still has the link command in UR.',
    why: 'Each key-up repeats the command: the gateway links again and speaks over you, and others hear your over cut.',
    remedy: 'Set UR back to CQCQCQ once the site has said that it is linked.',
    source: { kind: 'common practice', name: 'link, wait for the answer, set UR back to the call to all, talk' },
  },
  messages: { left: 'UR is “{has}”, a command; to talk, “{expects}” is expected.' },
  fixes: { set: 'Set UR to {expects}' },
  check(index, report) {
    eachUr(index, (context, fact) => {
      if (urFault(context, fact) === 'left') reportUr(report, context, 'left');
    });
  },
});
