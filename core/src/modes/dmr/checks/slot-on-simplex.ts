import { valueCheck } from '../../../checks/value-check';

export const slotOnSimplex = valueCheck({
  id: 'slot-on-simplex',
  severity: 'broken',
  title: 'Slot 1 on a simplex hotspot',
  mode: 'dmr',
  fact: 'slot',
  hops: ['air'],
  field: ['dmr', 'slot'],
  docs: {
    summary: 'A channel uses time slot 1 towards a simplex hotspot.',
    why: 'A simplex hotspot listens and sends on slot 2 only: on slot 1 neither side hears the other.',
    remedy: 'Set the channel to slot 2.',
    source: { kind: 'common practice', name: 'simplex hotspots use slot 2' },
  },
  messages: { differs: 'The channel has slot {has}; a simplex hotspot hears slot {expects} only.' },
  press: 'Set the channel to slot {expects}',
});
