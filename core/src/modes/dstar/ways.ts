/** The way out of a link: seven spaces and U in UR, whatever is linked. */
import type { ModeWays } from '../../path/mode-path';
import { readCommand } from './addresses';

export const ways: ModeWays<'dstar'> = {
  out: () => [{ mode: 'dstar', kind: 'command', command: 'unlink' }],
  leaves: ({ channel }) => readCommand(channel.dstar.ur).kind === 'unlink',
};
