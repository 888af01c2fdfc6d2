import type { Destination } from './types';

/** The same text for the same destination, whatever the order of its keys: `network/group/key` or `network/special/name`. */
export function destinationKey(destination: Destination): string {
  return `${destination.networkId}/${destination.kind}/${destination.kind === 'group' ? destination.groupId : destination.special}`;
}
