/** Favourite rooms by category, with the memories in which the radios keep them. */
import type { ModeCard } from '../../card/mode-card';
import { rows } from '../../plan/table';
import type { Plan } from '../../plan/types';
import { entriesOf } from './book';
import { roomDigits } from './rooms';

/** In which memory each radio keeps a number. */
function memoriesOf(plan: Plan, number: string): string[] {
  return rows(plan.radios).flatMap((radio) =>
    rows(plan.codeplugs[radio.id]!.c4fm.rooms)
      .filter((one) => one.number === number)
      .map((one) => `category ${one.category} in ${radio.name}`),
  );
}

export const card: ModeCard = (plan) =>
  rows(plan.shared.c4fm.categories).map((category) => {
    const rooms = entriesOf(plan, category.id);
    const outs = [...new Set(rooms.map(({ network }) => roomDigits(network.disconnect)))];
    return {
      title: category.name,
      lines: rooms.map(({ network, room }) => {
        const digits = roomDigits(room.number);
        const where = [room.place, network.name].filter(Boolean).join(', ');
        return { enter: digits, name: room.name, note: [where, ...memoriesOf(plan, digits)].join('; ') };
      }),
      out: `To leave, call ${outs.join(' or ')}, in a gap: a site that transmits does not listen.`,
    };
  });
