/** The plan file: the document itself. Passwords stay out unless asked for. */
import type { Plan } from '../plan/types';
import { validatePlan } from '../plan/validate';
import type { Format } from './format';
import { parseJson } from './json';

import { writePlan } from './plan-text';

export const planJson = {
  id: 'plan-json',
  name: 'Plan',
  extension: 'relay.json',
  mediaType: 'application/json',
  write: writePlan,
  read(text) {
    const { value, finding } = parseJson(text);
    if (finding) return { value: null, findings: [finding] };
    const { plan, problems } = validatePlan(value);
    return { value: plan, findings: problems.map((one) => ({ line: null, place: one.pointer || '/', found: one.found, expected: one.expected })) };
  },
} satisfies Format<Plan, { passwords: boolean }>;
