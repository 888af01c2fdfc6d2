/** Older versions of a plan, out of the server's history. */
import { pastVersions, type PastVersion, planBefore } from '@relay/core/plan/versions';
import { rows } from '@relay/core/plan/table';
import type { Codeplug, Plan } from '@relay/core/plan/types';
import { api, type SavedEdit } from '../../sync/api';

/** As many edits as are gone back. */
const MOST_EDITS = 1000;

export interface Past {
  plan: Plan;
  edits: readonly SavedEdit[];
  versions: readonly PastVersion[];
}

/** @throws ServerGone, ApiProblem */
export async function pastOf(planId: string): Promise<Past> {
  const { document, version } = await api.open(planId);
  const edits = (await api.editsAfter(planId, Math.max(0, version - MOST_EDITS))).filter(
    // What came since the plan was asked for is none of its past.
    (edit) => edit.version <= version,
  );
  return { plan: document, edits, versions: pastVersions(edits) };
}

export const whenOf = ({ at }: PastVersion): string =>
  new Date(at).toLocaleString('en', { dateStyle: 'medium', timeStyle: 'short' });

/** The codeplugs of a plan as they were before an edit, by the radio. */
export function codeplugsBefore(
  { plan, edits, versions }: Past,
  editId: string,
): { radioId: string; name: string; codeplug: Codeplug }[] {
  const before = planBefore(plan, edits, editId);
  const version = versions.find((one) => one.editId === editId)!;
  return rows(before.radios).map(({ id, name }) => ({
    radioId: id,
    name: `${name}, ${whenOf(version)}, before “${version.label}”`,
    codeplug: before.codeplugs[id]!,
  }));
}
