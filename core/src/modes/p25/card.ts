/** What is called in P25, by network. */
import type { ModeCard } from '../../card/mode-card';
import { SPECIAL_NAMES } from '../../plan/modes/p25/limits';
import { rows } from '../../plan/table';
import { p25Networks, SPECIAL_TITLES } from './links';

export const card: ModeCard = (plan) =>
  p25Networks(plan).map(({ name, groups, special }) => {
    const services = SPECIAL_NAMES.flatMap((one) =>
      special[one] === null ? [] : [{ enter: String(special[one]), name: `${SPECIAL_TITLES[one]} ${name}`, note: '' }],
    );
    return {
      title: name,
      lines: [
        ...rows(groups).map((group) => ({ enter: String(group.number), name: group.name, note: '' })),
        ...services,
      ],
      out:
        special.unlink === null
          ? 'How it is left is not said: ask its operators.'
          : `To leave, call group ${special.unlink} once.`,
    };
  });
