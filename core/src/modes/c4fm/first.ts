import { type ModeFirst, nameOr } from '../../builder/mode-first';
import { putRow } from '../../plan/table';
import { roomNetwork, roomNumberProblem } from './rooms';

export const first: ModeFirst = {
  through: 'hotspot',
  id: null,
  exampleMHz: '439.1250',
  questions: [
    { key: 'room', label: 'The room you want to hear', example: '41205', hint: 'Its number: five digits.' },
    { key: 'name', label: 'What it is called', example: 'Isles Evening', optional: true },
    { key: 'network', label: 'The network of rooms it is on', example: 'Skerry', optional: true },
  ],
  furnish(draft, { networkId }, answers) {
    const network = roomNetwork(draft, networkId)!;
    const typed = (answers['room'] ?? '').replace(/\s/g, '');
    const problem = roomNumberProblem(typed, network.disconnect);
    if (problem) return { key: 'room', problem: problem.problem };
    network.name = nameOr(answers['network'], network.name);
    putRow(network.rooms, {
      id: 'room',
      number: Number(typed),
      name: nameOr(answers['name'], `Room ${typed}`),
      place: '',
      kind: 'room' as const,
      activity: null,
      twin: null,
      bridgesTo: null,
    });
    return { mode: 'c4fm', kind: 'room', networkId, roomId: 'room' };
  },
};
