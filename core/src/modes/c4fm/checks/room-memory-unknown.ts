import { defineCheck } from '../../../checks/check';
import { toPointer } from '../../../plan/patches';
import { rows } from '../../../plan/table';
import { ROOM_DIGITS } from '../../../plan/modes/c4fm/limits';
import { roomDigits, roomNetworks, roomOfNumber } from '../rooms';
import { eachC4fmRadio } from './walk';

export const roomMemoryUnknown = defineCheck({
  id: 'room-memory-unknown',
  severity: 'doubtful',
  title: 'A room in the radio that no network has',
  docs: {
    summary: 'A radio is to keep a number that is no room of the plan’s networks, or that has not five digits.',
    why: 'Calling it fails after half a minute, or connects to something that nobody meant.',
    remedy: 'Look the room up by its name, and deal the room book again.',
    source: { kind: 'common practice', name: 'rooms and nodes have five digits' },
  },
  messages: {
    digits: '“{name}” in {radio} is {has}; expected five digits.',
    unknown: '“{name}” in {radio} is {has}, which no network of the plan lists.',
  },
  fixes: {},
  check(index, report) {
    const networks = roomNetworks(index.plan);
    const known = (number: string) =>
      networks.some(
        (network) => roomOfNumber(network, Number(number)) !== undefined || roomDigits(network.disconnect) === number,
      );
    eachC4fmRadio(index, (radio) => {
      for (const { id, name, number } of rows(index.plan.codeplugs[radio.id]!.c4fm.rooms)) {
        const message = number.length !== ROOM_DIGITS ? 'digits' : known(number) ? null : 'unknown';
        if (message)
          report({
            message,
            data: { name, radio: radio.name, has: number || 'nothing' },
            pointer: toPointer(['codeplugs', radio.id, 'c4fm', 'rooms', 'byId', id, 'number']),
            subject: { radioId: radio.id },
          });
      }
    });
  },
});
