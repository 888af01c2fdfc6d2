/** What a radio has room for. What nobody has said is no limit: nothing is refused, and no check complains. */
import type { Plan, Radio } from '../plan/types';
import type { NameRules } from './names';

/** The longest name that a plan keeps. */
const LONGEST_NAME = 60;

/** `limit`: a count of the radio; `null`: not known. */
export const roomIn = (limit: number | null): number => limit ?? Infinity;

/** How many characters of a name are seen at once; as many as it keeps where nobody has said. */
export function shownRoom({ limits, display: { lines, letters } }: Pick<Radio, 'limits' | 'display'>): number {
  const seen = lines === null || letters === null ? Infinity : lines * letters;
  return Math.min(nameRoom({ limits }), seen);
}

/** What a radio of a plan asks of a name. */
export const nameRules = ({ shortForms }: Pick<Plan, 'shortForms'>, radio: Radio): NameRules => ({
  length: nameRoom(radio),
  shown: shownRoom(radio),
  letters: radio.letters,
  shortForms,
});

/** Characters of a name on a radio. */
export const nameRoom = ({ limits }: Pick<Radio, 'limits'>): number => limits.nameLength ?? LONGEST_NAME;
