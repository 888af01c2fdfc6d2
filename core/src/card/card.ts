/** The pocket card: what is called in each mode, and how one leaves. Each mode writes its own sections. */
import { MODES } from '../modes/registry';
import type { Plan } from '../plan/types';

export interface CardLine {
  /** As it is entered on the radio. */
  enter: string;
  name: string;
  /** What else is worth knowing in the field; may be empty. */
  note: string;
}

export interface CardSection {
  mode: string;
  title: string;
  lines: CardLine[];
  /** The way out, in a sentence. */
  out: string;
}

/** Sections that have nothing on them are left out. */
export function cardOf(plan: Plan): CardSection[] {
  return Object.values(MODES).flatMap((mode) => mode.runSheet.card(plan).map((section) => ({ mode: mode.name, ...section }))).filter((section) => section.lines.length > 0);
}
