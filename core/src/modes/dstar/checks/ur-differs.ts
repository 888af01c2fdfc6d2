import { defineCheck } from '../../../checks/check';
import { eachUr, reportUr, urFault } from './walk';

export const urDiffers = defineCheck({
  id: 'ur-differs',
  severity: 'broken',
  title: 'UR asks for something else',
  fact: 'ur',
  docs: {
    summary: 'UR asks for another reflector, command or station than the channel is meant for.',
    why: 'The call goes elsewhere, or the gateway does something you did not want.',
    remedy: 'Set UR to what the channel is meant for, or the channel to what UR asks for.',
    source: { kind: 'common practice', name: 'what a UR field asks for' },
  },
  messages: { differs: 'UR is “{has}”; the channel is meant for “{expects}”.' },
  fixes: { set: 'Set UR to {expects}' },
  check(index, report) {
    eachUr(index, (context, fact) => {
      if (urFault(context, fact) === 'other') reportUr(report, context, 'differs');
    });
  },
});
