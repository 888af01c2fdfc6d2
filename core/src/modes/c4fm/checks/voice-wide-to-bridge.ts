import { valueCheck } from '../../../checks/value-check';

export const voiceWideToBridge = valueCheck({
  id: 'voice-wide-to-bridge',
  severity: 'broken',
  title: 'Wide voice towards a bridge',
  mode: 'c4fm',
  fact: 'voice',
  hops: ['air'],
  field: ['c4fm', 'voice'],
  docs: {
    summary: 'A channel sends wide voice to a room that bridges to another mode, or across to one.',
    why: 'Bridges take narrow voice only: the other side hears nothing.',
    remedy: 'Send narrow voice.',
    source: { kind: 'common practice', name: 'bridging to DMR works in narrow only' },
  },
  messages: {
    wide: 'The channel sends {has} voice; what it is meant for is behind a bridge, which takes {expects} only.',
  },
  only: 'broken',
  press: 'Send narrow voice',
});
