/** A plan as it was: what was edited since, taken back. */
import type { EditRecord } from './history';
import { applyPatches } from './patches';
import type { Plan } from './types';

/** A version before an edit. */
export interface PastVersion {
  /** The edit behind it. */
  editId: EditRecord['id'];
  /** ISO 8601. */
  at: string;
  label: string;
}

/**
 * The versions that can be gone back to, the newest first. What lies before the document was brought to a newer format
 * is left out: its edits name places that are gone.
 *
 * @param edits the oldest first, up to the present one
 */
export function pastVersions(edits: readonly (EditRecord & { at: string })[]): PastVersion[] {
  const from = edits.findLastIndex(({ kind }) => kind === 'format') + 1;
  return edits
    .slice(from)
    .map(({ id, at, label }) => ({ editId: id, at, label }))
    .reverse();
}

/** The plan before an edit. `edits`: the oldest first, up to the one that made `plan`. @throws PatchError */
export function planBefore(plan: Plan, edits: readonly EditRecord[], editId: EditRecord['id']): Plan {
  const from = edits.findIndex(({ id }) => id === editId);
  if (from < 0) throw new Error(`There is no edit ${editId}.`);
  return edits.slice(from).reduceRight((now, { inverse }) => applyPatches(now, inverse), plan);
}
