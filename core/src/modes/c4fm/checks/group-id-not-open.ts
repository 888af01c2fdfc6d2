import { valueCheck } from '../../../checks/value-check';

export const groupIdNotOpen = valueCheck({
  id: 'group-id-not-open',
  severity: 'doubtful',
  title: 'A group ID where 00 is expected',
  mode: 'c4fm',
  fact: 'group-id',
  hops: ['site'],
  field: ['c4fm', 'groupTx'],
  docs: {
    summary: 'A channel sends a group ID to a site that is open under 00, as hotspots are.',
    why: 'Some hotspots take another group for the number of a network or a recall, others do not answer.',
    remedy: 'Send 00 unless your hotspot’s pages say otherwise.',
    source: { kind: 'common practice', name: '00/00 to reach a hotspot' },
  },
  messages: { beside: 'The channel sends group {has}; {site} expects 00.' },
  only: 'doubtful',
  press: 'Send group 00',
});
