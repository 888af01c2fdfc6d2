import { valueCheck } from '../../../checks/value-check';
import { isStandardTone, sameTone, type ToneText } from '../../../units/tones';

export const toneMissing = valueCheck({
  id: 'tone-missing',
  severity: 'broken',
  title: 'No tone where the site needs one',
  mode: 'fm',
  fact: 'tone',
  hops: ['site'],
  field: ['fm', 'toneTx'],
  docs: {
    summary: 'An FM channel sends no tone to a site that opens on one.',
    why: 'The site stays shut: you hear it, and it does not hear you.',
    remedy: 'Set the tone that the site needs.',
    source: { kind: 'published', name: 'TIA-603 (continuous tone-controlled squelch)' },
  },
  messages: { missing: 'The channel sends no tone; {site} opens on {expects}.' },
  // A tone on the receiving side has a check of its own.
  which: ({ channel }, { has, expects }) =>
    has !== null || sameTone(channel.fm.toneRx, expects as ToneText | null) ? null : 'missing',
  // A tone that no radio is built to is the site's fault, told there.
  to: (_, { expects }) =>
    typeof expects === 'string' && isStandardTone(expects) ? expects : expects === null ? null : undefined,
  press: 'Send {expects}',
});
