/** D-STAR destinations as keys in files: what stands behind `network/reflector/` or `kind/dstar/`. */
import { COMMAND_NAMES } from './limits';
import type { DstarDestination } from './types';

export function writeKey(destination: DstarDestination): string {
  switch (destination.kind) {
    case 'reflector':
      return `${destination.networkId}/reflector/${destination.reflectorId}.${destination.module}.${destination.use}`;
    case 'command':
      return `command/dstar/${destination.command}`;
    case 'call-sign':
      return `call-sign/dstar/${destination.module}.${destination.callSign}`;
  }
}

/** `undefined` for a text that is the key of none. */
export function readKey(key: string): DstarDestination | undefined {
  const command = COMMAND_NAMES.find((name) => key === `command/dstar/${name}`);
  if (command) return { kind: 'command', mode: 'dstar', command };
  const routed = /^call-sign\/dstar\/([A-Z]?)\.([A-Z0-9/]{1,8})$/.exec(key);
  if (routed) return { kind: 'call-sign', mode: 'dstar', callSign: routed[2]!, module: routed[1]! };
  const reflector = /^([\w-]+)\/reflector\/([\w-]+)\.([A-Z])\.(talk|link)$/.exec(key);
  return reflector ? { kind: 'reflector', networkId: reflector[1]!, reflectorId: reflector[2]!, module: reflector[3]!, use: reflector[4] as 'talk' | 'link' } : undefined;
}
