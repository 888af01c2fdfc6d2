/** Writing a plan file needs no schema, so the browser can do it alone. */
import { mapSecrets } from '../plan/secrets';
import type { Plan } from '../plan/types';
import { bytesOf } from './format';

/** A copy of a plan in which every password is empty. */
export function withoutPasswords(plan: Plan): Plan {
  return mapSecrets(plan, () => '');
}

/** Indented by two, keys in the plan's own order, a line end at the end. */
export function writePlan(plan: Plan, { passwords }: { passwords: boolean }): Uint8Array {
  return bytesOf(`${JSON.stringify(passwords ? plan : withoutPasswords(plan), null, 2)}\n`);
}
