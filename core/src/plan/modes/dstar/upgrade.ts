/** Format 5: destinations on a network did not say their mode. */
import type { ModeUpgrade } from '../../mode-data';

export const upgrade: ModeUpgrade = {
  destination: (old) => (old['kind'] === 'reflector' || old['mode'] === 'dstar' ? { ...old, mode: 'dstar' } : null),
  codeplug: () => ({}),
  shared: () => ({}),
};
