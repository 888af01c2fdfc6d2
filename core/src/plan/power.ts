/** Output power of a radio, by its own steps. */
import type { PowerStep, Radio, Site } from './types';

type Power = Pick<Radio, 'power'>;

/** What the least and the greatest setting are called while nobody has said what a radio has. */
export const LEAST = 'low';
export const MOST = 'high';

/** Bounds of a description: letters of a name, steps of a radio. */
export const STEP_NAME = 40;
export const MOST_STEPS = 200;

const plain = (name: string): string => name.trim().toLowerCase();

/** Whether two names are of one step: in small letters or capitals. */
export const isSameStep = (one: string, other: string): boolean => plain(one) === plain(other);

/** The step of that name, in small letters or capitals. */
export const stepOf = ({ power }: Power, name: string): PowerStep | undefined =>
  power.find((step) => step.name === name) ?? power.find((step) => isSameStep(step.name, name));

/** Output at a step, W; `null`: not known. */
export const wattsOf = (radio: Power, name: string): number | null => stepOf(radio, name)?.watts ?? null;

/** The name of the least setting. */
export const lowestOf = ({ power }: Power): string => power[0]?.name ?? LEAST;

/** The name of the greatest setting. */
export const highestOf = ({ power }: Power): string => power.at(-1)?.name ?? MOST;

/** The steps that a channel of a radio can be set to; what is usual while they are not known. */
export const stepNamesOf = ({ power }: Power): string[] =>
  power.length === 0 ? [LEAST, MOST] : power.map(({ name }) => name);

/** The least beside one's own hotspot, the greatest to a repeater. */
export const usualPower = ({ kind }: Site): typeof LEAST | typeof MOST => (kind === 'hotspot' ? LEAST : MOST);

/** What is meant on a radio by the least or the greatest setting; any other name as it is. */
export function onRadio(radio: Power, name: string): string {
  return name === LEAST ? lowestOf(radio) : name === MOST ? highestOf(radio) : name;
}

/** The least has 0, the greatest 1. */
const placeOf = (at: number, of: number): number => (of < 2 ? 0 : at / (of - 1));

/**
 * The step for a word of another list, which stands from its least to its greatest: of the same name where all have
 * one, else the one at the same place. @returns null where nothing is known of the radio, or the word is not of the list
 */
export function stepFor(radio: Power, words: readonly string[], word: string): string | null {
  const { power } = radio;
  const at = words.indexOf(word);
  if (power.length === 0 || at < 0) return null;
  if (words.every((one) => stepOf(radio, one))) return stepOf(radio, word)!.name;
  return power[Math.round(placeOf(at, words.length) * (power.length - 1))]!.name;
}
