import { type ContextOf, disagreementsIn } from '../../../checks/walk';
import type { FactOf, PlanIndex } from '../../../path/types';
import type { C4fmRadioFields } from '../../../plan/modes/c4fm/types';
import { rows } from '../../../plan/table';
import type { Radio } from '../../../plan/types';

export type C4fmContext = ContextOf<'c4fm'>;

/** Calls `visit` for each C4FM path whose pair does not agree. */
export const eachDisagreement = disagreementsIn('c4fm');

/** Every radio that has C4FM, with its block and where that stands. */
export function eachC4fmRadio(
  index: PlanIndex,
  visit: (radio: Radio, c4fm: C4fmRadioFields, pointer: string) => void,
): void {
  for (const radio of rows(index.plan.radios))
    if (radio.c4fm) visit(radio, radio.c4fm, `/radios/byId/${radio.id}/c4fm`);
}

/** The number of the room that a site should be connected to. */
export function wantedRoom({ expects }: FactOf<'connect'>): string | undefined {
  return 'is' in expects && expects.is === 'connected' ? (expects.to ?? undefined) : undefined;
}
