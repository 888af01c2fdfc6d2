/** Writing a plan file needs no schema, so the browser can do it alone. */
import { produce } from 'immer';
import type { Plan } from '../plan/types';

export function withoutPasswords(plan: Plan): Plan {
  return produce(plan, (draft) => {
    for (const profile of Object.values(draft.profiles)) for (const login of Object.values(profile.dmr.logins)) login.password = '';
  });
}

/** Indented by two, keys in the plan's own order, a line end at the end. */
export function writePlan(plan: Plan, options: { passwords: boolean }): string {
  return `${JSON.stringify(options.passwords ? plan : withoutPasswords(plan), null, 2)}\n`;
}
