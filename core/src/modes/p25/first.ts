import { type ModeFirst, nameOr } from '../../builder/mode-first';
import { UNIT_MAX } from '../../plan/modes/p25/limits';
import { putRow } from '../../plan/table';
import { readGroup } from './addresses';
import { p25Network } from './links';

export const first: ModeFirst = {
  through: 'hotspot',
  id: { label: 'Your unit ID', most: UNIT_MAX },
  exampleMHz: '439.1250',
  questions: [
    { key: 'group', label: 'The talk group you want to hear', example: '4170', hint: 'Its number.' },
    { key: 'name', label: 'What it is called', example: 'Quay Watch', optional: true },
    { key: 'network', label: 'The network it is on', example: 'Foghorn', optional: true },
  ],
  furnish(draft, { networkId }, answers) {
    const group = readGroup(answers['group'] ?? '');
    if ('problem' in group) return { key: 'group', problem: group.problem };
    const network = p25Network(draft, networkId)!;
    network.name = nameOr(answers['network'], network.name);
    const name = nameOr(answers['name'], `Group ${group.number}`);
    putRow(network.groups, { id: 'group', number: group.number, name });
    return { mode: 'p25', kind: 'group', networkId, groupId: 'group' };
  },
};
