import { defineCheck } from '../../../checks/check';
import { reportValue } from '../../../checks/walk';
import { ROOM_DIGITS } from '../limits';
import { numberFor } from '../links';
import { roomDigits } from '../rooms';
import { eachDisagreement } from './walk';

export const roomNumberMalformed = defineCheck({
  id: 'room-number-malformed',
  severity: 'broken',
  title: 'A room number that has not five digits',
  fact: 'room-number',
  docs: {
    summary: 'A channel holds a number to call that has not five digits.',
    why: 'No room answers to it: the radio refuses it or the attempt fails after half a minute.',
    remedy: 'Enter all five digits, zeros before included.',
    source: { kind: 'common practice', name: 'rooms and nodes have five digits' },
  },
  messages: { digits: 'The channel calls “{has}”; expected five digits.' },
  fixes: { set: 'Set the number to {expects}' },
  check(index, report) {
    for (const hop of ['gateway', 'network'] as const) {
      eachDisagreement(index, 'room-number', hop, (context, fact) => {
        const has = String(fact.has);
        if (has === '' || has.length === ROOM_DIGITS) return;
        const to = numberFor(index.plan, context.channel.destination) ?? (has.length < ROOM_DIGITS ? roomDigits(Number(has)) : undefined);
        reportValue(report, context, ['c4fm', 'room'], { message: 'digits', data: { has, ...(to === undefined ? {} : { expects: to }) }, ...(to === undefined ? {} : { to }) });
      });
    }
  },
});
