import { valueCheck } from '../../../checks/value-check';

export const groupNotOnSlot = valueCheck({
  id: 'group-not-on-slot',
  severity: 'broken',
  title: 'The repeater has the group on the other slot',
  mode: 'dmr',
  fact: 'slot',
  hops: ['site'],
  field: ['dmr', 'slot'],
  docs: {
    summary: 'A channel calls a group on a slot where its repeater does not carry it.',
    why: 'The ones you mean are on the other slot: they do not hear you, and you take up a slot that others use.',
    remedy: 'Set the channel to the slot that carries the group.',
    source: { kind: 'common practice', name: 'groups are bound to a slot of the repeater' },
  },
  messages: { other: 'The channel calls group {group} on slot {has}; {site} has it on slot {expects}.' },
  data: ({ channel }) => ({ group: channel.dmr.call.number }),
  press: 'Set the channel to slot {expects}',
});
