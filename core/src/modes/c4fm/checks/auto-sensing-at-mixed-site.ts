import type { Receive } from '../../../plan/modes/c4fm/types';
import { receivePatches } from '../receive';
import { valueCheck } from '../../../checks/value-check';

export const autoSensingAtMixedSite = valueCheck({
  id: 'auto-sensing-at-mixed-site',
  severity: 'doubtful',
  title: 'Digital only where the site is mixed',
  mode: 'c4fm',
  fact: 'receive',
  hops: ['air'],
  field: ['c4fm', 'receive'],
  docs: {
    summary: 'A channel opens for digital only, and its site also passes FM.',
    why: 'You do not hear the stations that talk in FM there, and key up over them.',
    remedy: 'Set it to auto, so that the radio follows what comes.',
    source: { kind: 'common practice', name: 'auto-sensing serves mixed repeaters' },
  },
  messages: { digital: 'The channel opens for {has} only; {site} passes FM as well.' },
  only: 'doubtful',
  patches: (context, { expects }) => receivePatches(context, expects as Receive),
  press: 'Open for both (auto)',
});
