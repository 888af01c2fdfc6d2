/** C4FM destinations as keys in files: what stands behind `network/`. */
import type { C4fmDestination } from './types';

export function writeKey(destination: C4fmDestination): string {
  return destination.kind === 'room' ? `${destination.networkId}/room/${destination.roomId}` : `${destination.networkId}/disconnect/room`;
}

/** `undefined` for a text that is the key of none. */
export function readKey(key: string): C4fmDestination | undefined {
  const found = /^([\w-]+)\/(room|disconnect)\/([\w-]+)$/.exec(key);
  if (!found) return undefined;
  const [, networkId, kind, roomId] = found as unknown as [string, string, string, string];
  if (kind === 'room') return { kind, networkId, roomId };
  return roomId === 'room' ? { kind: 'disconnect', networkId } : undefined;
}
