/** How it is said whether a site reaches a network. */
import type { Reach } from '@relay/core/plan/sites';

export const REACH_WORDS: Readonly<Record<Reach, string>> = {
  reached: 'reaches it',
  'not reached': 'does not',
  'not said': 'nobody has said',
};
