/** What a radio has room for. What nobody has said is no limit: nothing is refused, and no check complains. */
import type { Radio } from '../plan/types';

/** The longest name that a plan keeps. */
const LONGEST_NAME = 60;

/** `limit`: a count of the radio; `null`: not known. */
export const roomIn = (limit: number | null): number => limit ?? Infinity;

/** Characters of a name on a radio. */
export const nameRoom = ({ limits }: Pick<Radio, 'limits'>): number => limits.nameLength ?? LONGEST_NAME;
