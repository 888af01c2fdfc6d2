import { type ContextOf, disagreementsIn, notesIn, radiosIn } from '../../../checks/walk';
import type { FactOf, PlanIndex } from '../../../path/types';

export type P25Context = ContextOf<'p25'>;

/** Calls `visit` for each P25 path whose pair does not agree. */
export const eachDisagreement = disagreementsIn('p25');

/** Calls `visit` for each P25 path whose pair agrees and is worth a note. */
export const eachNote = notesIn('p25');

/** A group is looked at where a call ends: at the site's gateway or on the network. */
export function eachNumber(index: PlanIndex, visit: (context: P25Context, fact: FactOf<'p25-number'>) => void): void {
  for (const hop of ['gateway', 'network'] as const) eachDisagreement(index, 'p25-number', hop, visit);
}

/** Every radio that has P25, with its block and where that stands. */
export const eachP25Radio = radiosIn('p25');
