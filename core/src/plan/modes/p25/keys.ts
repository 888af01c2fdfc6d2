/** P25 destinations as keys in files: what stands behind `p25/`. */
import type { ModeKeys } from '../../mode-data';
import type { DestinationOf } from '../../types';
import { SPECIAL_NAMES } from './limits';

type P25Destination = DestinationOf<'p25'>;

const LOCAL: P25Destination = { mode: 'p25', kind: 'local' };

function readNetwork(pattern: RegExp, text: string): P25Destination | undefined {
  const found = pattern.exec(text);
  if (!found) return undefined;
  const [, networkId, kind, last] = found as unknown as [string, string, string, string];
  if (kind === 'group') return { mode: 'p25', kind, networkId, groupId: last };
  const special = SPECIAL_NAMES.find((name) => name === last);
  return special && { mode: 'p25', kind: 'special', networkId, special };
}

export const keys: ModeKeys<'p25'> = {
  write(destination) {
    if (destination.kind === 'local') return 'local';
    return `${destination.networkId}/${destination.kind}/${destination.kind === 'group' ? destination.groupId : destination.special}`;
  },
  read: (rest) => (rest === 'local' ? LOCAL : readNetwork(/^([\w-]+)\/(group|special)\/([\w-]+)$/, rest)),
  readOld: (key) => (key === 'local/p25' ? LOCAL : readNetwork(/^([\w-]+)\/p25-(group|special)\/([\w-]+)$/, key)),
};
