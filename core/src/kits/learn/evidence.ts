import { rows } from '../../plan/table';
import type { Plan } from '../../plan/types';
import type { Evidence } from './learnt';

/** What the plan knows that helps to tell columns apart: a radio receives what a site sends. */
export function evidenceOf(plan: Pick<Plan, 'sites'>): Evidence {
  return { pairs: new Set(rows(plan.sites).map(({ txHz, rxHz }) => `${txHz} ${rxHz}`)) };
}
