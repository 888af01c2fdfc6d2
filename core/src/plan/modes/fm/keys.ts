/** The one destination of FM as a key in files: what stands behind `fm/`. */
import type { ModeKeys } from '../../mode-data';

export const keys: ModeKeys<'fm'> = {
  write: () => 'local',
  read: (rest) => (rest === 'local' ? { mode: 'fm', kind: 'local' } : undefined),
  readOld: (key) => (key === 'local/fm' ? { mode: 'fm', kind: 'local' } : undefined),
};
