import { defineCheck } from '../../../checks/check';
import { channelPointer, channelSubject, set } from '../../../checks/walk';
import { fieldText } from '../addresses';
import { linkWhenTalking } from '../links';
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
  messages: {
    left: 'UR is “{has}”, a command; to talk, “{expects}” is expected.',
    only: 'UR is “{has}”, the only entry that links there; the channel is meant for talking.',
  },
  fixes: { set: 'Set UR to {expects}', link: 'It is the entry that links' },
  check(index, report) {
    eachUr(index, (context, fact) => {
      if (urFault(context, fact) !== 'left') return;
      const { by } = linkWhenTalking(context);
      if (by !== context.channel.id) return void reportUr(report, context, 'left');
      // The only entry that links there: set back to the call to all, nothing would link any more.
      report({
        message: 'only',
        data: { has: fieldText(context.channel.dstar.ur) },
        pointer: channelPointer(context, 'destination', 'use'),
        subject: channelSubject(context),
        fixes: [{ id: 'link', patches: [set(channelPointer(context, 'destination', 'use'), 'link')] }],
      });
    });
  },
});
