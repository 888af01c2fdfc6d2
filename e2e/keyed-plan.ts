import { emptyCodeplug, newRadio } from '@relay/core/plan/create';
import type { Recipe } from '@relay/core/plan/edit';
import { putRow } from '@relay/core/plan/table';
import { PILOT_KEYING } from '../demo/keying';

/** A radio `p` that is keyed in, with one channel. */
export const withKeyed: Recipe = (plan) => {
  putRow(plan.radios, { ...newRadio('p', 'Pilot', ['fm']), keying: PILOT_KEYING });
  plan.codeplugs['p'] = emptyCodeplug();
  putRow(plan.codeplugs['p'].channels, {
    id: 'a',
    name: 'Calling',
    mode: 'fm',
    rxHz: 145_500_000,
    txHz: 145_500_000,
    power: 'low',
    timeOutS: null,
    options: {},
    fm: { toneTx: null, toneRx: null, widthHz: 12_500 },
    purpose: 'direct',
    siteId: null,
    destination: null,
    wantId: null,
    built: null,
  });
};
