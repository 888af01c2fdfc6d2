/** The plan file: the document itself. Passwords stay out unless asked for. */
import { PLAN_FORMAT, type Plan } from '../plan/types';
import { validatePlan } from '../plan/validate';
import { type Format, sniffJson, textOf } from './format';
import { parseJson } from './json';
import { writePlan } from './plan-text';

export const planJson: Format<Plan, { passwords: boolean }> = {
  id: 'plan-json',
  name: 'Plan',
  extensions: ['relay.json', 'json'],
  mediaType: 'application/json',
  sniff: (bytes) => sniffJson(bytes, PLAN_FORMAT),
  write: writePlan,
  read(bytes) {
    const { value, finding } = parseJson(textOf(bytes));
    if (finding) return { value: null, findings: [finding] };
    const { plan, problems } = validatePlan(value);
    return {
      value: plan,
      findings: problems.map((one) => ({
        line: null,
        place: one.pointer || '/',
        found: one.found,
        expected: one.expected,
      })),
    };
  },
};
