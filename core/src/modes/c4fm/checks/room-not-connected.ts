import { defineCheck } from '../../../checks/check';
import { reportValue } from '../../../checks/walk';
import { eachDisagreement } from './walk';

export const roomNotConnected = defineCheck({
  id: 'room-not-connected',
  severity: 'broken',
  title: 'Nothing connects to the room',
  fact: 'connect',
  docs: {
    summary: 'A channel is meant for a room, holds no number to call it by, and its hotspot does not connect there at start.',
    why: 'Your call stays at the site, or goes to whatever room is connected.',
    remedy: 'Set the room’s number in the channel, or let the hotspot connect there at start.',
    source: { kind: 'common practice', name: 'connect first, then talk' },
  },
  messages: { nothing: '{site} is connected to nothing, and the channel has no number; expected {expects}.', elsewhere: '{site} is connected to {has}, and the channel has no number; expected {expects}.' },
  fixes: { set: 'Call {expects} from this channel' },
  check(index, report) {
    eachDisagreement(index, 'connect', 'gateway', (context, fact) => {
      if (fact.state !== 'broken') return;
      reportValue(report, context, ['c4fm', 'room'], { message: fact.has === 'nothing' ? 'nothing' : 'elsewhere', data: { site: context.site!.name, has: String(fact.has), expects: String(fact.expects) }, to: fact.expects });
    });
  },
});
