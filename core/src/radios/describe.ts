/** What a radio is, apart from whose it is: taken from one, and given to another. */
import { emptyPlan } from '../plan/create';
import { MODE_DATA, MODE_IDS } from '../plan/modes';
import type { ModeId, Radio, RadioDescription, Station } from '../plan/types';

type Block = Readonly<Record<string, unknown>>;
type Blocks = Pick<RadioDescription, ModeId>;

const NOBODY = emptyPlan('').station;

/** The properties of a block that say whose it is. */
const ownOf = (mode: ModeId, block: Block): Block =>
  Object.fromEntries(MODE_DATA[mode].own.map((key) => [key, block[key as string]]));

function hardwareOf(of: RadioDescription): Omit<RadioDescription, ModeId> {
  const { bands, receiveOnly, power, limits, letters, display, options, keying } = of;
  return structuredClone({ bands, receiveOnly, power, limits, letters, display, options, keying });
}

/** A block of each mode that it speaks, with what is somebody's own from `own`. */
function blocksOf(of: RadioDescription, own: (mode: ModeId) => Block): Blocks {
  const blocks = MODE_IDS.map((mode) => {
    const block = of[mode] as Block | null;
    return [mode, block && { ...structuredClone(block), ...ownOf(mode, own(mode)) }] as const;
  });
  return Object.fromEntries(blocks) as unknown as Blocks;
}

/** A radio without whose it is: that is as if nobody had said it. */
export function descriptionOf(radio: RadioDescription): RadioDescription {
  const nobody = (mode: ModeId) => MODE_DATA[mode].blanks.radio(NOBODY) as unknown as Block;
  return { ...hardwareOf(radio), ...blocksOf(radio, nobody) };
}

/**
 * Makes a radio of a draft what a description says. Whose it is stays; in a mode that it had not, it is the station's.
 */
export function describe(radio: Radio, as: RadioDescription, station: Station): void {
  const own = (mode: ModeId) => (radio[mode] ?? MODE_DATA[mode].blanks.radio(station)) as unknown as Block;
  Object.assign(radio, hardwareOf(as), blocksOf(as, own));
}
