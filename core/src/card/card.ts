/** The pocket card: what is called in each mode, and how one leaves. Each mode writes its own sections. */
import { MODES } from '../modes/registry';
import type { Plan } from '../plan/types';
import type { CardSection } from './section';

/** Sections that have nothing on them are left out. */
export function cardOf(plan: Plan): CardSection[] {
  return Object.values(MODES).flatMap((mode) => mode.runSheet.card(plan).map((section) => ({ mode: mode.name, ...section }))).filter((section) => section.lines.length > 0);
}
