/** Format 5: rooms stood in the codeplug itself, the room book in the plan, and destinations on a network did not say their mode. */
import type { ModeUpgrade } from '../../mode-data';

export const upgrade: ModeUpgrade = {
  destination: (old) =>
    old['kind'] === 'room' || old['kind'] === 'disconnect' || old['mode'] === 'c4fm' ? { ...old, mode: 'c4fm' } : null,
  codeplug: ({ rooms }) => ({ rooms }),
  shared: ({ roomBook }) => roomBook,
};
