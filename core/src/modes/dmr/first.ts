import { type ModeFirst, nameOr } from '../../builder/mode-first';
import { newServer } from '../../plan/create';
import { newLogin } from '../../plan/modes/dmr/blanks';
import { ADDRESS_MAX, ADDRESS_MIN } from '../../plan/modes/dmr/limits';
import { effectiveProfile } from '../../plan/profiles';
import { putRow } from '../../plan/table';
import { parseWhole } from '../../units/quantities';
import { dmrNetwork } from './networks';

export const first: ModeFirst = {
  through: 'hotspot',
  id: { label: 'Your DMR ID', most: ADDRESS_MAX },
  exampleMHz: '439.1250',
  questions: [
    { key: 'group', label: 'The talk group you want to hear', example: '417', hint: 'Its number.' },
    { key: 'name', label: 'What it is called', example: 'Hask Wide', optional: true },
    { key: 'network', label: 'The network it is on', example: 'Lantern', optional: true },
    { key: 'server', label: 'A server of that network', example: 'merrin.lantern.example' },
    { key: 'password', label: 'Your password there', example: '', secret: true },
  ],
  furnish(draft, { siteId, networkId }, answers) {
    const number = parseWhole(answers['group'] ?? '');
    if (number === null || number < ADDRESS_MIN || number > ADDRESS_MAX)
      return {
        key: 'group',
        problem: `Found “${answers['group'] ?? ''}”, expected the number of a talk group, such as 417.`,
      };
    const host = (answers['server'] ?? '').trim();
    if (!/^[A-Za-z0-9.:-]{1,253}$/.test(host))
      return { key: 'server', problem: `Found “${host}”, expected an address such as merrin.lantern.example.` };
    const network = dmrNetwork(draft, networkId)!;
    network.name = nameOr(answers['network'], network.name);
    putRow(network.servers, newServer('server', host, host));
    putRow(network.groups, {
      id: 'group',
      number,
      name: nameOr(answers['name'], `Group ${number}`),
      category: 'local' as const,
    });
    const { logins } = effectiveProfile(draft, siteId)!.dmr;
    logins[networkId] = { ...newLogin(), serverId: 'server', suffix: 1, password: (answers['password'] ?? '').trim() };
    return { mode: 'dmr', kind: 'group', networkId, groupId: 'group' };
  },
};
