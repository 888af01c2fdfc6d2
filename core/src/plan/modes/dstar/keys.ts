/** D-STAR destinations as keys in files: what stands behind `dstar/`. */
import type { ModeKeys } from '../../mode-data';
import type { DestinationOf } from '../../types';
import { COMMAND_NAMES } from './limits';

type DstarDestination = DestinationOf<'dstar'>;

function readReflector(text: string): DstarDestination | undefined {
  const found = /^([\w-]+)\/reflector\/([\w-]+)\.([A-Z])\.(talk|link)$/.exec(text);
  if (!found) return undefined;
  const [, networkId, reflectorId, module, use] = found as unknown as [string, string, string, string, 'talk' | 'link'];
  return { mode: 'dstar', kind: 'reflector', networkId, reflectorId, module, use };
}

function readCommand(name: string): DstarDestination | undefined {
  const command = COMMAND_NAMES.find((one) => one === name);
  return command && { mode: 'dstar', kind: 'command', command };
}

function readCallSign(text: string): DstarDestination | undefined {
  const found = /^([A-Z]?)\.([A-Z0-9/]{1,8})$/.exec(text);
  return found ? { mode: 'dstar', kind: 'call-sign', callSign: found[2]!, module: found[1]! } : undefined;
}

/** The text behind a beginning; `undefined` where it begins otherwise. */
const behind = (beginning: string, text: string) =>
  text.startsWith(beginning) ? text.slice(beginning.length) : undefined;

function readWith(command: string, callSign: string, text: string): DstarDestination | undefined {
  const name = behind(command, text);
  if (name !== undefined) return readCommand(name);
  const routed = behind(callSign, text);
  return routed === undefined ? readReflector(text) : readCallSign(routed);
}

export const keys: ModeKeys<'dstar'> = {
  write(destination) {
    switch (destination.kind) {
      case 'reflector':
        return `${destination.networkId}/reflector/${destination.reflectorId}.${destination.module}.${destination.use}`;
      case 'local':
        return 'local';
      case 'command':
        return `command/${destination.command}`;
      case 'call-sign':
        return `call-sign/${destination.module}.${destination.callSign}`;
    }
  },
  read: (rest) => (rest === 'local' ? { mode: 'dstar', kind: 'local' } : readWith('command/', 'call-sign/', rest)),
  readOld: (key) =>
    key === 'local/dstar' ? { mode: 'dstar', kind: 'local' } : readWith('command/dstar/', 'call-sign/dstar/', key),
};
