import type { ModeUpgrade } from '../../mode-data';

/** Format 5 had FM as it is today. */
export const upgrade: ModeUpgrade = {
  destination: (old) => (old['mode'] === 'fm' ? { ...old } : null),
  codeplug: () => ({}),
  shared: () => ({}),
};
