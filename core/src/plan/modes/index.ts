/** The data of every mode; the compiler names one that is missing. */
import type { ModeData } from '../mode-data';
import type { ModeId, NetworkModeId } from '../types';
import { c4fm } from './c4fm';
import { dmr } from './dmr';
import { dstar } from './dstar';
import { fm } from './fm';
import { p25 } from './p25';

export const MODE_DATA: { readonly [M in ModeId]: ModeData<M> } = { dmr, dstar, c4fm, p25, fm };

export const MODE_IDS = Object.keys(MODE_DATA) as ModeId[];

/** Those whose calls can leave the site: they have networks, and a hotspot switches them on and off. */
export const NETWORK_MODE_IDS = MODE_IDS.filter((id) => MODE_DATA[id].blanks.network !== null) as NetworkModeId[];

/** The same, for a mode that is known only at run time. */
export function dataOf(mode: ModeId): ModeData {
  return MODE_DATA[mode] as ModeData;
}
