import { defineCheck } from '../../../checks/check';
import { reportValue } from '../../../checks/walk';
import { eachDisagreement } from './walk';

export const roomConnectionUnsaid = defineCheck({
  id: 'room-connection-unsaid',
  severity: 'doubtful',
  title: 'Nobody has said what the repeater is connected to',
  fact: 'connect',
  docs: {
    summary: 'A channel is meant for a room through a repeater, and holds no number to call it by.',
    why: 'You talk in whatever room somebody has connected.',
    remedy: 'Set the room’s number in the channel and call it; look first whether others are using the repeater.',
    source: { kind: 'common practice', name: 'connect first, then talk' },
  },
  messages: { unsaid: 'Nobody has said what {site} is connected to, and the channel has no number; expected {expects}.' },
  fixes: { set: 'Call {expects} from this channel' },
  check(index, report) {
    eachDisagreement(index, 'connect', 'gateway', (context, fact) => {
      if (fact.state !== 'doubtful') return;
      reportValue(report, context, ['c4fm', 'room'], { message: 'unsaid', data: { site: context.site!.name, expects: String(fact.expects) }, to: fact.expects });
    });
  },
});
