import { valueCheck } from '../../../checks/value-check';
import { GROUP_ID_OPEN } from '../../../plan/modes/c4fm/limits';

export const groupIdHeardDiffers = valueCheck({
  id: 'group-id-heard-differs',
  severity: 'broken',
  title: 'The radio opens for a group that the site does not send',
  mode: 'c4fm',
  fact: 'group-id-heard',
  hops: ['site'],
  field: ['c4fm', 'groupRx'],
  docs: {
    summary: 'A channel opens for one group ID only, and its site sends another.',
    why: 'The radio stays silent although the site is heard: you talk and hear nothing.',
    remedy: 'Open for 00, which is every group, or for the one that the site sends.',
    source: { kind: 'common practice', name: '00 opens for every group' },
  },
  messages: { differs: 'The channel opens for group {has}; {site} sends {expects}.' },
  to: () => GROUP_ID_OPEN,
  bothWays: true,
  press: 'Open for every group (00)',
});
