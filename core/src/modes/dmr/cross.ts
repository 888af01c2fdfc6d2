/** DMR where a hotspot turns its calls into another mode's, or another's into group calls on a DMR network. */
import type { ModeCross } from '../mode';
import { blankChannel } from './channel';
import { ADDRESS_MAX } from './limits';
import { callFor } from './links';
import { buildLogins, loginGaps } from './login';

/** Only groups are had across: a private call would have to come back to one radio. */
export const cross: ModeCross<'dmr'> = {
  asked: ({ dmr: { call } }) => (call.kind === 'group' ? String(call.number) : ''),
  most: ADDRESS_MAX,
  fields: ['number', 'call'],
  asking(site, digits) {
    const values = blankChannel(site);
    return { ...values, dmr: { ...values.dmr, call: { kind: 'group', number: Number(digits) } } };
  },
  entry(plan, destination) {
    const call = callFor(plan, destination);
    return call?.kind === 'group' ? { digits: String(call.number), name: call.name } : null;
  },
  lacks(index, site, networkId) {
    const login = index.plan.profiles[site.id]?.dmr.logins[networkId] ?? null;
    return [...loginGaps(login, index.plan.station.dmrId), ...(login && login.suffix === null ? ['suffix'] : [])];
  },
  profile: buildLogins,
};
