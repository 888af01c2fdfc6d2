/** A first plan in any mode. Apart from the other registries: only who begins needs it. */
import {
  firstPlan as firstPlanWith,
  type FirstModes,
  firstQuestions as firstQuestionsWith,
} from '../builder/first-plan';
import type { FirstAnswers, FirstQuestion, ModeFirst } from '../builder/mode-first';
import { first as c4fm } from '../modes/c4fm/first';
import { first as dmr } from '../modes/dmr/first';
import { first as dstar } from '../modes/dstar/first';
import { first as fm } from '../modes/fm/first';
import { first as p25 } from '../modes/p25/first';
import type { ModeId } from '../plan/types';
import { MODES } from './modes';

const FIRST: Readonly<Record<ModeId, ModeFirst>> = { dmr, dstar, c4fm, p25, fm };
const MODES_WITH_FIRST: FirstModes = { build: MODES, first: FIRST };

/** What is asked of somebody who begins with a radio of this mode. */
export function firstQuestions(mode: ModeId): FirstQuestion[] {
  return firstQuestionsWith(MODES_WITH_FIRST, mode);
}

/** A first plan from the answers, or what is wrong with them. */
export function firstPlan(mode: ModeId, answers: FirstAnswers): ReturnType<typeof firstPlanWith> {
  return firstPlanWith(MODES_WITH_FIRST, mode, answers);
}
