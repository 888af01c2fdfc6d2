import { valueCheck } from '../../../checks/value-check';

export const groupIdDiffers = valueCheck({
  id: 'group-id-differs',
  severity: 'broken',
  title: 'Group ID differs between channel and site',
  mode: 'c4fm',
  fact: 'group-id',
  hops: ['site'],
  field: ['c4fm', 'groupTx'],
  docs: {
    summary: 'A channel sends another group ID than its repeater takes.',
    why: 'The repeater repeats only what carries its group: it stays silent.',
    remedy: 'Set the group ID that the repeater asks for.',
    source: { kind: 'common practice', name: 'a repeater may ask for a group ID of its own' },
  },
  messages: { differs: 'The channel sends group {has}; {site} takes {expects}.' },
  only: 'broken',
  bothWays: true,
  press: 'Send group {expects}',
});
