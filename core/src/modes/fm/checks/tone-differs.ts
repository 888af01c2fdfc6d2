import { isStandardTone } from '../../../units/tones';
import { valueCheck } from '../../../checks/value-check';

export const toneDiffers = valueCheck({
  id: 'tone-differs',
  severity: 'broken',
  title: 'Tone differs between channel and site',
  mode: 'fm',
  fact: 'tone',
  hops: ['site'],
  field: ['fm', 'toneTx'],
  docs: {
    summary: 'An FM channel sends another tone than its site opens on.',
    why: 'The site stays shut: you hear it, and it does not hear you.',
    remedy: 'Set the site’s tone. If the list is wrong, correct it once under Sites.',
    source: { kind: 'published', name: 'TIA-603 (continuous tone-controlled squelch)' },
  },
  messages: { differs: 'The channel sends {has}; {site} opens on {expects}.' },
  // No tone at all has a check of its own.
  which: (_, { has }) => (has === null ? null : 'differs'),
  // A tone that no radio is built to is the site's fault, told there.
  to: (_, { expects }) =>
    typeof expects === 'string' && isStandardTone(expects) ? expects : expects === null ? null : undefined,
  press: 'Send {expects}',
});
