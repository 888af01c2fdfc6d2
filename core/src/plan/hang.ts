/** How long a hotspot stays in a mode after an over. */
import { NETWORK_MODE_IDS } from './modes';
import type { Hang, NetworkModeId, ProfileValues } from './types';

/** Seconds that let one answer and keep a mode from changing under one. Common practice. */
export const GOOD_HANG_S = 20;
/** Below this another mode takes the hotspot between two overs. From memory: an answer comes within several seconds. */
export const SHORT_HANG_S = 10;

/** The time of a mode on one side, its own or the common one, seconds; `null` where nobody has said. */
export function hangOf(
  { hang, modeHang }: Pick<ProfileValues, 'hang' | 'modeHang'>,
  mode: NetworkModeId,
  side: keyof Hang,
): { seconds: number | null; isOwn: boolean } {
  const own = modeHang[mode]?.[side] ?? null;
  return own === null ? { seconds: hang[side], isOwn: false } : { seconds: own, isOwn: true };
}

/** Stays so long in every mode, after an over on either side: modes have no times of their own then. In place. */
export function setHang(values: Pick<ProfileValues, 'hang' | 'modeHang'>, seconds: number): void {
  values.hang = { radioS: seconds, networkS: seconds };
  for (const mode of NETWORK_MODE_IDS) if (values.modeHang[mode]) values.modeHang[mode] = null;
}
