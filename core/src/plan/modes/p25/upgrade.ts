/** Format 5: destinations had names of their own for groups, and those on a network did not say their mode. */
import type { ModeUpgrade } from '../../mode-data';

const KINDS: Readonly<Record<string, string>> = { 'p25-group': 'group', 'p25-special': 'special' };

export const upgrade: ModeUpgrade = {
  destination(old) {
    const kind = KINDS[String(old['kind'])];
    if (kind !== undefined) return { ...old, mode: 'p25', kind };
    return old['mode'] === 'p25' ? { ...old } : null;
  },
  codeplug: () => ({}),
  shared: () => ({}),
};
