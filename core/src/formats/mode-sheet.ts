import type { Plan, ProfileValues, Site } from '../plan/types';

/** One setting for people: what it is called, and its value. */
export interface SheetLine {
  label: string;
  text: string;
}

export interface SheetOptions {
  /** `false` leaves passwords out. */
  passwords: boolean;
}

/** What a mode says in the settings sheet of a hotspot: names instead of keys, so that it reads without the plan. */
export type ModeSheet = (
  plan: Plan,
  site: Site,
  profile: ProfileValues,
  options: SheetOptions,
) => { values: Record<string, unknown>; lines: SheetLine[] };
