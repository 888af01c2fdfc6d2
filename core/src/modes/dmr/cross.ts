/** DMR where a hotspot carries its calls to another mode's network, or another's as group calls to a DMR network. */
import type { ModeCross } from '../../path/mode-path';
import { ADDRESS_MAX } from '../../plan/modes/dmr/limits';
import { callFor } from './links';
import { recallPatches } from './recall';
import { loginGaps } from './login';
import { dmrNetwork } from './networks';

/** Only groups are reached cross-mode: a private call would have to come back to one radio. */
export const cross: ModeCross<'dmr'> = {
  asked: ({ dmr: { call } }) => (call.kind === 'group' ? String(call.number) : ''),
  ask: ({ dmr }, digits) => void (dmr.call = { kind: 'group', number: Number(digits) }),
  askPatches: (context, digits) => recallPatches(context, { kind: 'group', number: Number(digits) }),
  most: ADDRESS_MAX,
  entry(plan, destination) {
    const call = callFor(plan, destination);
    return call?.kind === 'group' ? { digits: String(call.number), name: call.name } : null;
  },
  arrival: (networkId, digits) => ({ mode: 'dmr', networkId, kind: 'group', number: Number(digits) }),
  gaps(index, site, networkId) {
    const login = index.profile(site.id)?.dmr.logins[networkId] ?? null;
    return [
      ...loginGaps(index.plan, site.id, networkId, login),
      ...(login && login.suffix === null && !dmrNetwork(index.plan, networkId)?.direct ? (['suffix'] as const) : []),
    ];
  },
};
