/** Writing a plan file needs no schema, so the browser can do it alone. */
import { produce } from 'immer';
import { dataOf, NETWORK_MODE_IDS } from '../plan/modes';
import type { Plan } from '../plan/types';
import { bytesOf } from './format';

/** A copy of a plan in which every password is empty. */
export function withoutPasswords(plan: Plan): Plan {
  return produce(plan, (draft) => {
    for (const { set } of Object.values(draft.profiles.byId)) {
      for (const mode of NETWORK_MODE_IDS) if (set[mode]) dataOf(mode).references.clearSecrets?.(set[mode]);
    }
  });
}

/** Indented by two, keys in the plan's own order, a line end at the end. */
export function writePlan(plan: Plan, { passwords }: { passwords: boolean }): Uint8Array {
  return bytesOf(`${JSON.stringify(passwords ? plan : withoutPasswords(plan), null, 2)}\n`);
}
