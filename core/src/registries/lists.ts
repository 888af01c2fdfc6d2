/** Lists of sites and directories, read with every mode. */
import {
  asRepeater as asRepeaterWith,
  type ListedIn,
  type Refreshed,
  refreshed as refreshedWith,
} from '../lists/as-repeater';
import { columnFields, guessColumns as guessColumnsWith } from '../lists/columns';
import type { ModeDirectory } from '../lists/mode-directory';
import { readSites as readSitesWith, type ReadSites, SiteReader } from '../lists/read-sites';
import type { Column, ColumnField, RawList } from '../lists/types';
import type { Id, NetworkModeId, Plan, Repeater } from '../plan/types';
import { MODES } from './modes';

/** What a column of a list of sites can be taken for. */
export const COLUMN_FIELDS: readonly ColumnField[] = columnFields(MODES);

/** The field of each column, the surest first; each field once. */
export function guessColumns(raw: RawList): Column[] {
  return guessColumnsWith(raw, MODES);
}

/** Reads row after row, so that long lists need not be held whole. */
export function siteReader(raw: RawList, columns: readonly Column[]): SiteReader {
  return new SiteReader(raw, columns, MODES);
}

/** Reads a whole list of sites. */
export function readSites(raw: RawList, columns: readonly Column[]): ReadSites {
  return readSitesWith(raw, columns, MODES);
}

/** @throws Error for a site that cannot go into a plan */
export function asRepeater(id: Id, listed: ListedIn, plan: Plan): Repeater {
  return asRepeaterWith(id, listed, plan, MODES);
}

/** A repeater of the plan held against what a list says of it now. */
export function refreshed(plan: Plan, there: Repeater, listed: ListedIn): Refreshed {
  return refreshedWith(plan, there, listed, MODES);
}

/** How lists of what the networks of a mode hold are read. @throws Error for a mode without such lists */
export function directoryOf(mode: NetworkModeId): ModeDirectory {
  const { directory } = MODES[mode];
  if (!directory) throw new Error(`${MODES[mode].name} has no lists of what its networks hold.`);
  return directory;
}
