import { disagreementsIn } from '../../../checks/walk';
import type { Fact, FactKey, HopId, PathContext, PlanIndex } from '../../../path/types';
import { rows } from '../../../plan/table';
import type { Radio } from '../../../plan/types';
import type { C4fmRadioFields } from '../types';

export type C4fmContext = PathContext<'c4fm'> & PathContext;

/** Calls `visit` for each C4FM path whose pair does not agree. */
export const eachDisagreement = disagreementsIn('c4fm') as (index: PlanIndex, key: FactKey, hop: HopId, visit: (context: C4fmContext, fact: Fact) => void) => void;

export function eachC4fmRadio(index: PlanIndex, visit: (radio: Radio, c4fm: C4fmRadioFields, pointer: string) => void): void {
  for (const radio of rows(index.plan.radios)) if (radio.c4fm) visit(radio, radio.c4fm, `/radios/byId/${radio.id}/c4fm`);
}
