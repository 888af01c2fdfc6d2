import { disagreementsIn } from '../../../checks/walk';
import type { Fact, FactKey, HopId, PathContext, PlanIndex } from '../../../path/types';
import { rows } from '../../../plan/table';
import type { Radio } from '../../../plan/types';
import type { P25RadioFields } from '../types';

export type P25Context = PathContext<'p25'> & PathContext;

/** Calls `visit` for each P25 path whose pair does not agree. */
export const eachDisagreement = disagreementsIn('p25') as (index: PlanIndex, key: FactKey, hop: HopId, visit: (context: P25Context, fact: Fact) => void) => void;

/** A group is looked at where a call ends: at the site's gateway or on the network. */
export function eachNumber(index: PlanIndex, visit: (context: P25Context, fact: Fact) => void): void {
  for (const hop of ['gateway', 'network'] as const) eachDisagreement(index, 'p25-number', hop, visit);
}

export function eachP25Radio(index: PlanIndex, visit: (radio: Radio, p25: P25RadioFields, pointer: string) => void): void {
  for (const radio of rows(index.plan.radios)) if (radio.p25) visit(radio, radio.p25, `/radios/byId/${radio.id}/p25`);
}
