export interface Step {
  id: string;
  title: string;
  /** What to do. */
  todo: string[];
  /** How to see that it worked. */
  proof: string;
}
