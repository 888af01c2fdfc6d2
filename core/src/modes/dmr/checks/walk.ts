import { disagreementsIn } from '../../../checks/walk';

/** Calls `visit` for each DMR path whose pair does not agree. */
export const eachDisagreement = disagreementsIn('dmr');
