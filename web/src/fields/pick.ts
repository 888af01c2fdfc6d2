/** What can be chosen: single values, or several under a heading. */
export interface Pick {
  label: string;
  value?: string;
  options?: { label: string; value: string }[];
}
