import { type ContextOf, disagreementsIn } from '../../../checks/walk';
import type { FactOf, PlanIndex } from '../../../path/types';
import type { P25RadioFields } from '../../../plan/modes/p25/types';
import { rows } from '../../../plan/table';
import type { Radio } from '../../../plan/types';

export type P25Context = ContextOf<'p25'>;

/** Calls `visit` for each P25 path whose pair does not agree. */
export const eachDisagreement = disagreementsIn('p25');

/** A group is looked at where a call ends: at the site's gateway or on the network. */
export function eachNumber(index: PlanIndex, visit: (context: P25Context, fact: FactOf<'p25-number'>) => void): void {
  for (const hop of ['gateway', 'network'] as const) eachDisagreement(index, 'p25-number', hop, visit);
}

/** Every radio that has P25, with its block and where that stands. */
export function eachP25Radio(
  index: PlanIndex,
  visit: (radio: Radio, p25: P25RadioFields, pointer: string) => void,
): void {
  for (const radio of rows(index.plan.radios)) if (radio.p25) visit(radio, radio.p25, `/radios/byId/${radio.id}/p25`);
}
