import { defineCheck } from '../../../checks/check';
import { channelPointer, channelSubject, wordsOf } from '../../../checks/walk';
import { eachNote } from './walk';

export const roomUnknown = defineCheck({
  id: 'room-unknown',
  severity: 'note',
  title: 'Nothing is known of this room',
  fact: 'room',
  docs: {
    summary: 'A channel calls a number that no network of its site lists.',
    why: 'It may be a slip, or a room of a network that the site does not reach.',
    remedy: 'Look the room up by name, or read a newer list of rooms.',
    source: { kind: 'common practice', name: 'rooms are listed by their network' },
  },
  messages: { unknown: 'The channel calls {has}; expected {expects}.' },
  fixes: {},
  check(index, report) {
    eachNote(index, 'room', 'network', (context, fact) => {
      report({
        message: 'unknown',
        data: { ...wordsOf(context, fact) },
        pointer: channelPointer(context, 'c4fm', 'room'),
        subject: channelSubject(context),
      });
    });
  },
});
