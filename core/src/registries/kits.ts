/**
 * The modes with what each knows of other people's files; apart from `MODES`, since only who reads or writes such files
 * needs it.
 */
import type { KitModes } from '../kits/kit-field';
import { kit as c4fm } from '../modes/c4fm/kit';
import { kit as dmr } from '../modes/dmr/kit';
import { kit as dstar } from '../modes/dstar/kit';
import { kit as fm } from '../modes/fm/kit';
import { kit as p25 } from '../modes/p25/kit';
import { MODES } from './modes';

export const KIT_MODES: KitModes = {
  dmr: { ...MODES.dmr, kit: dmr },
  dstar: { ...MODES.dstar, kit: dstar },
  c4fm: { ...MODES.c4fm, kit: c4fm },
  p25: { ...MODES.p25, kit: p25 },
  fm: { ...MODES.fm, kit: fm },
} as unknown as KitModes;
