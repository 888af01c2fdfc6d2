/** The pocket card: what is called in each mode, and how one leaves. Each mode writes its own sections. */
import type { ModeId, Plan } from '../plan/types';
import type { ModeCard } from './mode-card';
import type { CardSection } from './section';

/** Sections that have nothing on them are left out. */
export function cardOf(plan: Plan, modes: Readonly<Record<ModeId, { name: string; card: ModeCard }>>): CardSection[] {
  const sections = Object.values(modes).flatMap(({ name, card }) =>
    card(plan).map((section) => ({ mode: name, ...section })),
  );
  return sections.filter((section) => section.lines.length > 0);
}
