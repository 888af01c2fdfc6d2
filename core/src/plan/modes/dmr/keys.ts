/** DMR destinations as keys in files: what stands behind `dmr/`. */
import type { ModeKeys } from '../../mode-data';
import type { DestinationOf, Id } from '../../types';
import { SPECIAL_NAMES } from './limits';

const STATION = /^[1-9]\d{6}$/;

function read(rest: string): DestinationOf<'dmr'> | undefined {
  if (rest === 'local') return { mode: 'dmr', kind: 'local' };
  const found = /^([\w-]+)\/(group|special|station)\/([\w-]+)$/.exec(rest);
  if (!found) return undefined;
  const [, networkId, kind, last] = found as unknown as [string, string, string, string];
  if (kind === 'group') return { mode: 'dmr', kind, networkId, groupId: last };
  if (kind === 'station')
    return STATION.test(last) ? { mode: 'dmr', kind, networkId, number: Number(last) } : undefined;
  const special = SPECIAL_NAMES.find((name) => name === last);
  return special && { mode: 'dmr', kind: 'special', networkId, special };
}

function last(destination: Exclude<DestinationOf<'dmr'>, { kind: 'local' | 'recall' }>): Id | number {
  if (destination.kind === 'group') return destination.groupId;
  return destination.kind === 'special' ? destination.special : destination.number;
}

export const keys: ModeKeys<'dmr'> = {
  write: (destination) =>
    destination.kind === 'local' ? 'local' : `${destination.networkId}/${destination.kind}/${last(destination)}`,
  read,
  readOld: read,
};
