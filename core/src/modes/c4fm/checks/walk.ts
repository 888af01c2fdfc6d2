import { type ContextOf, disagreementsIn, notesIn, radiosIn } from '../../../checks/walk';
import type { FactOf } from '../../../path/types';

export type C4fmContext = ContextOf<'c4fm'>;

/** Calls `visit` for each C4FM path whose pair does not agree. */
export const eachDisagreement = disagreementsIn('c4fm');

/** Calls `visit` for each C4FM path whose pair agrees and is worth a note. */
export const eachNote = notesIn('c4fm');

/** Every radio that has C4FM, with its block and where that stands. */
export const eachC4fmRadio = radiosIn('c4fm');

/** The number of the room that a site should be connected to. */
export function wantedRoom({ expects }: FactOf<'connect'>): string | undefined {
  return 'is' in expects && expects.is === 'connected' ? (expects.to ?? undefined) : undefined;
}
