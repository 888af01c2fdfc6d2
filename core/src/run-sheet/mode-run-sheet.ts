import type { PlanIndex } from '../path/types';
import type { Plan, ProfileValues, Radio, Site } from '../plan/types';
import type { Step } from './step';

/** What a mode adds to the ordered steps that carry a plan out. */
export interface ModeRunSheet {
  /** What of the station's identity is this mode's: `DMR ID 999 2417`; empty where nothing is. */
  identity?(plan: Plan): string;
  /** What to set on a hotspot, beyond its frequency. */
  hotspot(plan: Plan, site: Site, profile: ProfileValues): string[];
  /** What to set in a radio, beyond its table. */
  radio(plan: Plan, radio: Radio): string[];
  /** What to do when hotspots and radios are set: log in, link, test. */
  steps(index: PlanIndex): Step[];
}
