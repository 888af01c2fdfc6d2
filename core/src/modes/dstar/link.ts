/**
 * What a site does with a transmission, by its link: a state machine without a clock. The answers are what a gateway
 * says; their words differ by software (common practice).
 */
import type { DstarState, LinkState, Reflector } from '../../plan/modes/dstar/types';
import { readCommand } from './addresses';
import { leaves } from './access';

export interface Gateway {
  callSign: string;
  /** Families of reflectors it reaches, by their three letters; `every`: it has no bounds. */
  families: readonly string[] | 'every';
}

/** One transmission, as a gateway gets it. */
export interface Sent {
  ur: string;
  rpt2: string;
}

/** One transmission at a site whose gateway is of this kind. */
export interface DstarEvent extends Sent {
  kind: 'sent';
  gateway: Gateway;
}

/** Why a transmission does not do what its UR asks for. */
export type Fault = 'not to the gateway' | 'family not reached' | 'malformed';

export type DstarEffect =
  /** Where the voice goes beyond those who hear the site. */
  | { kind: 'reaches reflector'; to: Reflector }
  | { kind: 'reaches repeater' | 'reaches station'; callSign: string }
  | { kind: 'echoes' }
  /** What the gateway says; `null`: that it is linked to nothing. */
  | { kind: 'says link'; to: LinkState }
  | { kind: 'says not reached'; to: Reflector }
  | { kind: 'refuses'; fault: Fault };

/** Whether a gateway reaches the family of a reflector, by its three letters. */
export function reachesFamily({ families }: Pick<Gateway, 'families'>, reflector: string): boolean {
  return families === 'every' || families.includes(reflector.slice(0, 3));
}

/** One transmission at a site in a state. A command is obeyed only when RPT2 is the gateway. */
export function step(state: DstarState, { gateway, ur, rpt2 }: DstarEvent): [DstarState, DstarEffect[]] {
  const stay = (...effects: DstarEffect[]): [DstarState, DstarEffect[]] => [state, effects];
  const command = readCommand(ur);
  const { linkedTo } = state;
  if (command.kind === 'malformed') return stay({ kind: 'refuses', fault: 'malformed' });
  // To all without the gateway is a call to those who hear the site: nothing is wrong with it by itself.
  if (!leaves({ rpt1: '', rpt2 }, gateway.callSign))
    return command.kind === 'call to all' ? stay() : stay({ kind: 'refuses', fault: 'not to the gateway' });
  switch (command.kind) {
    case 'call to all':
      return linkedTo ? stay({ kind: 'reaches reflector', to: linkedTo }) : stay();
    case 'link': {
      const to = { reflector: command.reflector, module: command.module };
      if (!reachesFamily(gateway, command.reflector))
        return stay({ kind: 'says not reached', to }, { kind: 'refuses', fault: 'family not reached' });
      return [{ linkedTo: to }, [{ kind: 'says link', to }]];
    }
    case 'unlink':
      return [{ linkedTo: null }, [{ kind: 'says link', to: null }]];
    case 'status':
      return stay({ kind: 'says link', to: linkedTo });
    case 'echo':
      return stay({ kind: 'echoes' });
    case 'repeater':
      return stay({ kind: 'reaches repeater', callSign: `${command.callSign} ${command.module}`.trim() });
    case 'station':
      return stay({ kind: 'reaches station', callSign: command.callSign });
  }
}

/** Whether somebody at the far end of a link is heard at the site: that needs no field of the radio, only the link. */
export function hears(linkedTo: LinkState, target: Reflector): boolean {
  return linkedTo?.reflector === target.reflector && linkedTo.module === target.module;
}
