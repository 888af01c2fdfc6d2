import { valueCheck } from '../../../checks/value-check';
import { ROOM_DIGITS } from '../../../plan/modes/c4fm/limits';
import { disconnects } from '../links';

export const roomNumberDiffers = valueCheck({
  id: 'room-number-differs',
  severity: 'broken',
  title: 'The channel calls another room than it is meant for',
  mode: 'c4fm',
  fact: 'room-number',
  hops: ['gateway', 'network'],
  field: ['c4fm', 'room'],
  docs: {
    summary: 'A channel holds another number than the room, or the way out, that it is meant for.',
    why: 'You talk in another room, or leave the one you mean.',
    remedy: 'Set the number of the room.',
    source: { kind: 'common practice', name: 'rooms are called by five digits; 99999 disconnects' },
  },
  messages: {
    differs: 'The channel calls {has}; expected {expects}.',
    nothing: 'The channel calls nothing; expected {expects}.',
    leaves: 'The channel calls {has}, which disconnects and is no room; expected {expects}.',
  },
  which(context, fact) {
    const has = String(fact.has);
    // Digits that are no number at all are told of as that.
    if (has !== '' && has.length !== ROOM_DIGITS) return null;
    return has === '' ? 'nothing' : disconnects(context, has) ? 'leaves' : 'differs';
  },
  press: 'Set the number to {expects}',
});
