/** Output power of a radio, by its settings. */
import { POWER_LEVELS, type PowerLevel, type Radio } from './types';

type Power = Pick<Radio, 'powerW'>;

/** The same for every step. */
export const eachLevel = <T>(value: T): Record<PowerLevel, T> =>
  Object.fromEntries(POWER_LEVELS.map((level) => [level, value])) as Record<PowerLevel, T>;

/** Most radios have some of these; the others are offered when they are asked for. */
export const USUAL_LEVELS: readonly PowerLevel[] = ['minimum', 'low', 'middle', 'high', 'maximum'];

/** What so many steps are called, the least first: those that are left out first stand between others. */
const STEPS: Readonly<Record<number, readonly PowerLevel[]>> = {
  1: ['low'],
  2: ['low', 'high'],
  3: ['low', 'middle', 'high'],
  4: ['low', 'middle', 'high', 'maximum'],
  5: USUAL_LEVELS,
  6: ['minimum', 'low', 'below middle', 'above middle', 'high', 'maximum'],
  7: ['minimum', 'low', 'below middle', 'middle', 'above middle', 'high', 'maximum'],
  8: ['minimum', 'near minimum', 'low', 'below middle', 'above middle', 'high', 'near maximum', 'maximum'],
  9: POWER_LEVELS,
};

/** The step at a place among so many, from the least; of very many those between are in the middle. */
export const stepAt = (at: number, of: number): PowerLevel =>
  STEPS[of]?.[at] ?? (at === 0 ? 'low' : at === of - 1 ? 'high' : 'middle');

/** The settings that are known of a radio, the least first. */
export const levelsOf = ({ powerW }: Power): PowerLevel[] => POWER_LEVELS.filter((level) => powerW[level] !== null);

/** Its least setting; `low` while none is known. */
export const lowestOf = (radio: Power): PowerLevel => levelsOf(radio)[0] ?? 'low';

/** Its greatest setting; `high` while none is known. */
export const highestOf = (radio: Power): PowerLevel => levelsOf(radio).at(-1) ?? 'high';
