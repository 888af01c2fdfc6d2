export interface Step {
  id: string;
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
