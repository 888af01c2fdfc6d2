/** DMR destinations as keys in files: what stands behind `network/`. */
import { SPECIAL_NAMES } from './schema';
import type { DmrDestination } from './types';

export function writeKey(destination: DmrDestination): string {
  return destination.kind === 'group' ? `${destination.networkId}/group/${destination.groupId}` : `${destination.networkId}/special/${destination.special}`;
}

/** `undefined` for a text that is the key of none. */
export function readKey(key: string): DmrDestination | undefined {
  const found = /^([\w-]+)\/(group|special)\/([\w-]+)$/.exec(key);
  if (!found) return undefined;
  const [, networkId, kind, rest] = found as unknown as [string, string, string, string];
  if (kind === 'group') return { kind, networkId, groupId: rest };
  const special = SPECIAL_NAMES.find((name) => name === rest);
  return special && { kind: 'special', networkId, special };
}
