/** Format 5: contacts and receive lists stood in the codeplug itself, and a destination did not say its mode. */
import type { ModeUpgrade } from '../../mode-data';

export const upgrade: ModeUpgrade = {
  destination: (old) => (old['kind'] === 'group' || old['kind'] === 'special' ? { ...old, mode: 'dmr' } : null),
  codeplug: ({ contacts, receiveLists }) => ({ contacts, receiveLists }),
  shared: () => ({}),
};
