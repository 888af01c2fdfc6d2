import { defineCheck } from '../../../checks/check';
import { reportValue } from '../../../checks/walk';
import { ROOM_DIGITS } from '../limits';
import { disconnects } from '../links';
import { eachDisagreement } from './walk';

export const roomNumberDiffers = defineCheck({
  id: 'room-number-differs',
  severity: 'broken',
  title: 'The channel calls another room than it is meant for',
  fact: 'room-number',
  docs: {
    summary: 'A channel holds another number than the room, or the way out, that it is meant for.',
    why: 'You talk in another room, or leave the one you mean.',
    remedy: 'Set the number of the room.',
    source: { kind: 'common practice', name: 'rooms are called by five digits; 99999 disconnects' },
  },
  messages: { differs: 'The channel calls {has}; expected {expects}.', nothing: 'The channel calls nothing; expected {expects}.', leaves: 'The channel calls {has}, which disconnects and is no room; expected {expects}.' },
  fixes: { set: 'Set the number to {expects}' },
  check(index, report) {
    for (const hop of ['gateway', 'network'] as const) {
      eachDisagreement(index, 'room-number', hop, (context, fact) => {
        const has = String(fact.has);
        // Digits that are no number at all are told of as that.
        if (has !== '' && has.length !== ROOM_DIGITS) return;
        reportValue(report, context, ['c4fm', 'room'], { message: has === '' ? 'nothing' : disconnects(context, has) ? 'leaves' : 'differs', data: { has, expects: String(fact.expects) }, to: fact.expects });
      });
    }
  },
});
