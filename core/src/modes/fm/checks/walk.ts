import { disagreementsIn } from '../../../checks/walk';

/** Calls `visit` for each FM path whose pair does not agree. */
export const eachDisagreement = disagreementsIn('fm');
