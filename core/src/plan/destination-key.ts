/** Destinations as keys in files: `network/kind/rest`, or `kind/mode/rest` for what needs no network. Each mode writes its own. */
import * as c4fm from '../modes/c4fm/destination';
import * as dmr from '../modes/dmr/destination';
import * as dstar from '../modes/dstar/destination';
import * as p25 from '../modes/p25/destination';
import type { Destination, Id, LocalModeId } from './types';

const READERS = [dmr.readKey, dstar.readKey, c4fm.readKey, p25.readKey];

/** Modes in which whoever hears a site is a destination. */
export const LOCAL_MODES: readonly LocalModeId[] = ['dstar', 'c4fm', 'p25', 'fm'];

/** The same text for the same destination, whatever the order of its keys. */
export function destinationKey(destination: Destination): string {
  switch (destination.kind) {
    case 'local':
      return `local/${destination.mode}`;
    case 'group':
    case 'special':
      return dmr.writeKey(destination);
    case 'reflector':
    case 'command':
    case 'call-sign':
      return dstar.writeKey(destination);
    case 'room':
    case 'disconnect':
      return c4fm.writeKey(destination);
    case 'p25-group':
    case 'p25-special':
      return p25.writeKey(destination);
  }
}

/** What a key stands for; `undefined` for a text that is the key of no destination. */
export function destinationOfKey(key: string): Destination | undefined {
  const local = LOCAL_MODES.find((mode) => key === `local/${mode}`);
  if (local) return { kind: 'local', mode: local };
  for (const read of READERS) {
    const found = read(key);
    if (found) return found;
  }
  return undefined;
}

/** The network a destination is on; `null` for one that needs none. */
export function networkIdOf(destination: Destination | null): Id | null {
  return destination && 'networkId' in destination ? destination.networkId : null;
}
