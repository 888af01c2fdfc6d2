/** FM stays at its site: nobody talks anywhere else. */
import type { ModeRehearse } from '../../rehearse/mode-rehearse';

export const rehearse: ModeRehearse<'fm'> = {
  place: () => null,
  linked: () => '',
  isState: () => false,
  comesOut: () => null,
};
