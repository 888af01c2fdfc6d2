/** P25 destinations as keys in files: what stands behind `network/`. */
import { SPECIAL_NAMES } from './limits';
import type { P25Destination } from './types';

export function writeKey(destination: P25Destination): string {
  return destination.kind === 'p25-group' ? `${destination.networkId}/p25-group/${destination.groupId}` : `${destination.networkId}/p25-special/${destination.special}`;
}

/** `undefined` for a text that is the key of none. */
export function readKey(key: string): P25Destination | undefined {
  const found = /^([\w-]+)\/(p25-group|p25-special)\/([\w-]+)$/.exec(key);
  if (!found) return undefined;
  const [, networkId, kind, rest] = found as unknown as [string, string, string, string];
  if (kind === 'p25-group') return { kind, networkId, groupId: rest };
  const special = SPECIAL_NAMES.find((name) => name === rest);
  return special && { kind: 'p25-special', networkId, special };
}
