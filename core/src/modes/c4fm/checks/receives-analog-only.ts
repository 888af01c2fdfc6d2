import type { Receive } from '../../../plan/modes/c4fm/types';
import { receivePatches } from '../receive';
import { valueCheck } from '../../../checks/value-check';

export const receivesAnalogOnly = valueCheck({
  id: 'receives-analog-only',
  severity: 'broken',
  title: 'A C4FM channel that is set to analog',
  mode: 'c4fm',
  fact: 'receive',
  hops: ['air'],
  field: ['c4fm', 'receive'],
  docs: {
    summary: 'A channel that is meant for C4FM sends and opens for FM only.',
    why: 'The radio sends FM, which a digital site does not take, and stays silent for everything digital.',
    remedy: 'Set it to auto at a mixed site, else to digital.',
    source: { kind: 'common practice', name: 'auto-sensing, digital only, analog' },
  },
  messages: { analog: 'The channel is set to {has}; expected {expects}.' },
  only: 'broken',
  patches: (context, { expects }) => receivePatches(context, expects as Receive),
  press: 'Set it to {expects}',
});
