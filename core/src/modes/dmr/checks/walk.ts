import { disagreementsIn, notesIn } from '../../../checks/walk';

/** Calls `visit` for each DMR path whose pair does not agree. */
export const eachDisagreement = disagreementsIn('dmr');

/** Calls `visit` for each DMR path whose pair agrees and is worth a note. */
export const eachNote = notesIn('dmr');
