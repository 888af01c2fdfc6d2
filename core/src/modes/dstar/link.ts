/**
 * What a site does with a transmission, by its link: a state machine without a clock. The answers are what a gateway
 * says; their words differ by software (common practice).
 */
import { readCommand } from './addresses';
import { leaves } from './access';

export interface Reflector {
  reflector: string;
  module: string;
}

/** What a site is linked to; `null`: to nothing. */
export type LinkState = Reflector | null;

export interface Gateway {
  callSign: string;
  /** Families of reflectors it reaches, by their three letters; `every`: it has no bounds. */
  families: readonly string[] | 'every';
}

export interface Sent {
  ur: string;
  rpt2: string;
}

/** What becomes of one transmission. */
export interface Outcome {
  state: LinkState;
  /** Where the voice goes beyond those who hear the site. */
  reaches: { kind: 'reflector'; to: Reflector } | { kind: 'repeater' | 'station'; callSign: string } | { kind: 'echo' } | null;
  /** What the gateway says, in short; `null`: nothing. */
  answer: string | null;
  /** Why it does not do what its UR asks for; `null` when it does. */
  fault: 'not to the gateway' | 'family not reached' | 'malformed' | null;
}

export function reachesFamily({ families }: Pick<Gateway, 'families'>, reflector: string): boolean {
  return families === 'every' || families.includes(reflector.slice(0, 3));
}

const nameOf = ({ reflector, module }: Reflector) => `${reflector} ${module}`;

/** One transmission at a site in a state. A command is obeyed only when RPT2 is the gateway. */
export function transmit(state: LinkState, gateway: Gateway, { ur, rpt2 }: Sent): Outcome {
  const stay = (more: Partial<Outcome>): Outcome => ({ state, reaches: null, answer: null, fault: null, ...more });
  const command = readCommand(ur);
  const beyond = leaves({ rpt1: '', rpt2 }, gateway.callSign);
  if (command.kind === 'malformed') return stay({ fault: 'malformed' });
  // To all without the gateway is a call to those who hear the site: nothing is wrong with it by itself.
  if (!beyond) return command.kind === 'call to all' ? stay({}) : stay({ fault: 'not to the gateway' });
  switch (command.kind) {
    case 'call to all':
      return stay({ reaches: state && { kind: 'reflector', to: state } });
    case 'link': {
      const to = { reflector: command.reflector, module: command.module };
      if (!reachesFamily(gateway, command.reflector)) return stay({ answer: `${nameOf(to)} is not reached`, fault: 'family not reached' });
      return stay({ state: to, answer: `linked to ${nameOf(to)}` });
    }
    case 'unlink':
      return stay({ state: null, answer: 'not linked' });
    case 'status':
      return stay({ answer: state ? `linked to ${nameOf(state)}` : 'not linked' });
    case 'echo':
      return stay({ reaches: { kind: 'echo' }, answer: 'your own words' });
    case 'repeater':
      return stay({ reaches: { kind: 'repeater', callSign: `${command.callSign} ${command.module}`.trim() } });
    case 'station':
      return stay({ reaches: { kind: 'station', callSign: command.callSign } });
  }
}

/** Whether somebody at the far end of a link is heard at the site: that needs no field of the radio, only the link. */
export function hears(state: LinkState, target: Reflector): boolean {
  return state?.reflector === target.reflector && state.module === target.module;
}
