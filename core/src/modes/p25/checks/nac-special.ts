import { valueCheck } from '../../../checks/value-check';
import { nacText } from '../addresses';
import { NAC_PASS } from '../../../plan/modes/p25/limits';
import { nacFor } from '../channel';
import type { P25Context } from './walk';

const usable = ({ site }: P25Context): number => nacFor(site ?? undefined);

export const nacSpecial = valueCheck({
  id: 'nac-special',
  severity: 'broken',
  title: 'A network access code that is not for sending',
  mode: 'p25',
  fact: 'nac-value',
  hops: ['radio'],
  field: ['p25', 'nac'],
  docs: {
    summary: 'A channel sends F7E or F7F, which are settings of receivers.',
    why: 'F7E opens a receiver for any code, F7F lets a repeater pass any: sent by a radio they open nothing.',
    remedy: 'Send the site’s own code; keep F7E for what you hear.',
    source: { kind: 'published', name: 'TIA-102 (network access code)' },
  },
  messages: {
    any: 'The channel sends F7E, which only opens a receiver for any code; expected {expects}.',
    pass: 'The channel sends F7F, which is for repeaters that pass any code; expected {expects}.',
  },
  which: (_, { has }) => (has === NAC_PASS ? 'pass' : 'any'),
  data: (context) => ({ expects: nacText(usable(context)) }),
  to: usable,
  press: 'Send {expects}',
});
