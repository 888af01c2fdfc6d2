/** A generic kind of radio, from the figures that are known of it. */
import { emptyPlan, newRadio } from '../plan/create';
import type { ModeId, ModeTypes, NameLetters, RadioKind, RadioLimits } from '../plan/types';
import { descriptionOf } from './describe';

type Given = {
  id: string;
  name: string;
  modes: readonly ModeId[];
  /** MHz, both ends. */
  bands: readonly (readonly [number, number])[];
  /** Watts of each step, the least first. */
  powerW: Readonly<Record<string, number>>;
  /** What is left out is not known. */
  limits: Partial<RadioLimits>;
  letters?: NameLetters;
} & { [M in ModeId]?: Partial<ModeTypes[M]['radio']> };

const UNKNOWN: RadioLimits = {
  channels: null,
  zones: null,
  channelsPerZone: null,
  scanLists: null,
  channelsPerScanList: null,
  contacts: null,
  receiveLists: null,
  groupsPerReceiveList: null,
  callSigns: null,
  nameLength: null,
};

/** A kind in our terms: what a radio of these modes has, with what is known of the kind. */
export function kindOf({ id, name, modes, bands, powerW, limits, letters, ...blocks }: Given): RadioKind {
  const radio = newRadio(id, name, modes, emptyPlan('').station);
  for (const mode of modes) Object.assign(radio[mode] ?? {}, blocks[mode]);
  Object.assign(radio, {
    bands: bands.map(([lowMHz, highMHz]) => ({ lowHz: lowMHz * 1e6, highHz: highMHz * 1e6 })),
    power: Object.entries(powerW).map(([name, watts]) => ({ name, watts })),
    limits: { ...UNKNOWN, ...limits },
    letters: letters ?? null,
  });
  return { id, name, description: descriptionOf(radio) };
}
