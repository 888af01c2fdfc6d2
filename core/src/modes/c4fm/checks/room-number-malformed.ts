import { valueCheck } from '../../../checks/value-check';
import { ROOM_DIGITS } from '../../../plan/modes/c4fm/limits';
import { numberFor } from '../links';
import { roomDigits } from '../rooms';
import type { C4fmContext } from './walk';

/** The number of what the channel is meant for; without, one that is too short with its zeros. */
function meant({ index, channel }: C4fmContext, has: string): string | undefined {
  return numberFor(index.plan, channel.destination) ?? (has.length < ROOM_DIGITS ? roomDigits(Number(has)) : undefined);
}

export const roomNumberMalformed = valueCheck({
  id: 'room-number-malformed',
  severity: 'broken',
  title: 'A room number that has not five digits',
  mode: 'c4fm',
  fact: 'room-number',
  hops: ['gateway', 'network'],
  field: ['c4fm', 'room'],
  docs: {
    summary: 'A channel holds a number to call that has not five digits.',
    why: 'No room answers to it: the radio refuses it or the attempt fails after half a minute.',
    remedy: 'Enter all five digits, zeros before included.',
    source: { kind: 'common practice', name: 'rooms and nodes have five digits' },
  },
  messages: { digits: 'The channel calls “{has}”; expected five digits.' },
  which: (_, { has }) => (has === '' || String(has).length === ROOM_DIGITS ? null : 'digits'),
  data: (context, { has }) => ({ has: String(has), expects: meant(context, String(has)) ?? '' }),
  to: (context, { has }) => meant(context, String(has)),
  press: 'Set the number to {expects}',
});
