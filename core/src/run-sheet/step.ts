import type { Id } from '../plan/types';

export interface Step {
  id: string;
  /** The site that it is done at, where it is one. */
  siteId?: Id;
  title: string;
  /** What to do. */
  todo: string[];
  /** What to enter, each with its value. */
  values?: { label: string; text: string }[];
  /** How to see that it worked. */
  proof: string;
  /** What to try where it did not. */
  ifNot?: string[];
}
