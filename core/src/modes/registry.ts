import type { Destination, ModeId, NetworkModeId, Plan } from '../plan/types';
import { c4fm } from './c4fm';
import { dmr } from './dmr';
import { dstar } from './dstar';
import { fm } from './fm';
import type { Mode } from './mode';
import { p25 } from './p25';

/** Every mode. A new one is a folder beside `dmr/` and a line here. */
export const MODES: Readonly<Record<ModeId, Mode>> = { dmr, dstar, c4fm, p25, fm };

export const MODE_IDS = Object.keys(MODES) as ModeId[];

/** Those whose calls can leave the site: they have networks, and a hotspot switches them on and off. */
export const NETWORK_MODE_IDS = MODE_IDS.filter((id) => MODES[id].trace.beyond !== null) as NetworkModeId[];

export function modeOf(id: ModeId): Mode {
  return MODES[id];
}

/** The mode in which a destination is reached. @throws Error for a network that the plan does not hold */
export function modeOfDestination(plan: Plan, destination: Destination): Mode {
  if ('mode' in destination) return MODES[destination.mode];
  const network = plan.networks.byId[destination.networkId];
  if (!network) throw new Error(`The plan has no network “${destination.networkId}”.`);
  return MODES[network.mode];
}
