import { valueCheck } from '../../../checks/value-check';

export const voiceDiffers = valueCheck({
  id: 'voice-differs',
  severity: 'doubtful',
  title: 'The site passes another kind of voice',
  mode: 'c4fm',
  fact: 'voice',
  hops: ['air'],
  field: ['c4fm', 'voice'],
  docs: {
    summary: 'A channel sends wide voice to a site that passes narrow, or the reverse.',
    why: 'The site repeats it, and what lies behind it may not understand it.',
    remedy: 'Send the voice that the site passes.',
    source: { kind: 'from memory', name: 'narrow: voice beside data; wide: voice at the full rate' },
  },
  messages: { differs: 'The channel sends {has} voice; {site} passes {expects}.' },
  only: 'doubtful',
  press: 'Send {expects} voice',
});
