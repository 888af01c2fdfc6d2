/** DMR destinations as keys in files: what stands behind `dmr/`. */
import type { ModeKeys } from '../../mode-data';
import type { DestinationOf } from '../../types';
import { SPECIAL_NAMES } from './schema';

function read(rest: string): DestinationOf<'dmr'> | undefined {
  if (rest === 'local') return { mode: 'dmr', kind: 'local' };
  const found = /^([\w-]+)\/(group|special)\/([\w-]+)$/.exec(rest);
  if (!found) return undefined;
  const [, networkId, kind, last] = found as unknown as [string, string, string, string];
  if (kind === 'group') return { mode: 'dmr', kind, networkId, groupId: last };
  const special = SPECIAL_NAMES.find((name) => name === last);
  return special && { mode: 'dmr', kind: 'special', networkId, special };
}

export const keys: ModeKeys<'dmr'> = {
  write: (destination) =>
    destination.kind === 'local'
      ? 'local'
      : `${destination.networkId}/${destination.kind}/${destination.kind === 'group' ? destination.groupId : destination.special}`,
  read,
  readOld: read,
};
