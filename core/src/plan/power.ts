/** Output power of a radio, by its settings. */
import { POWER_LEVELS, type PowerLevel, type Radio } from './types';

type Power = Pick<Radio, 'powerW'>;

/** The settings that are known of a radio, the least first. */
export const levelsOf = ({ powerW }: Power): PowerLevel[] => POWER_LEVELS.filter((level) => powerW[level] !== null);

/** Its least setting; `low` while none is known. */
export const lowestOf = (radio: Power): PowerLevel => levelsOf(radio)[0] ?? 'low';

/** Its greatest setting; `high` while none is known. */
export const highestOf = (radio: Power): PowerLevel => levelsOf(radio).at(-1) ?? 'high';
