import { type ModeFirst, nameOr } from '../../builder/mode-first';
import { networkOf } from '../../plan/networks';
import { putRow } from '../../plan/table';

/** `LNK001 C`, also without the space, or with a line: letters, number, module. */
const REFLECTOR = /^([A-Z]{3})\s*-?\s*(\d{1,3})\s*-?\s*([A-Z])$/;

export const first: ModeFirst = {
  through: 'hotspot',
  id: null,
  exampleMHz: '439.1250',
  questions: [
    {
      key: 'reflector',
      label: 'The reflector you want to hear',
      example: 'LNK001 C',
      hint: 'Three letters, its number, and the letter of the module.',
    },
    { key: 'name', label: 'What it is known as', example: 'Isles Evening', optional: true },
  ],
  furnish(draft, { networkId }, answers) {
    const typed = (answers['reflector'] ?? '').trim().toUpperCase();
    const [, letters, number, module] = REFLECTOR.exec(typed) ?? [];
    if (!letters || !module)
      return { key: 'reflector', problem: `Found “${typed}”, expected a reflector and its module, such as LNK001 C.` };
    const family = networkOf(draft, 'dstar', networkId)!;
    family.letters = letters;
    family.name = `Family ${letters}`;
    const title = nameOr(answers['name'], '');
    putRow(family.reflectors, { id: 'reflector', number: Number(number), title, modules: module, activity: null });
    return { mode: 'dstar', kind: 'reflector', networkId, reflectorId: 'reflector', module, use: 'talk' };
  },
};
