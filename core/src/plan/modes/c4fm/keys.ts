/** C4FM destinations as keys in files: what stands behind `c4fm/`. */
import type { ModeKeys } from '../../mode-data';
import type { DestinationOf } from '../../types';

type C4fmDestination = DestinationOf<'c4fm'>;

const LOCAL: C4fmDestination = { mode: 'c4fm', kind: 'local' };

function readNetwork(rest: string): C4fmDestination | undefined {
  const found = /^([\w-]+)\/(room|disconnect)\/([\w-]+)$/.exec(rest);
  if (!found) return undefined;
  const [, networkId, kind, roomId] = found as unknown as [string, string, string, string];
  if (kind === 'room') return { mode: 'c4fm', kind, networkId, roomId };
  return roomId === 'room' ? { mode: 'c4fm', kind: 'disconnect', networkId } : undefined;
}

export const keys: ModeKeys<'c4fm'> = {
  write(destination) {
    if (destination.kind === 'local') return 'local';
    return destination.kind === 'room'
      ? `${destination.networkId}/room/${destination.roomId}`
      : `${destination.networkId}/disconnect/room`;
  },
  read: (rest) => (rest === 'local' ? LOCAL : readNetwork(rest)),
  readOld: (key) => (key === 'local/c4fm' ? LOCAL : readNetwork(key)),
};
