/** The DMR pairs of each hop. */
import { fact, mustEqual } from '../../path/fact';
import { contactKey } from '../../path/contact-key';
import type { Fact, PathContext } from '../../path/types';
import type { ModeTrace } from '../mode';
import { loginGaps } from './login';
import { isStationId } from './addresses';
import { callFor } from './links';
import { SIMPLEX_SLOT } from './limits';

function radio({ index, radio, channel, holdings, site }: PathContext): Fact[] {
  const { dmrId } = index.plan.station;
  const { call, admit } = channel.dmr;
  const known = holdings.contacts.has(contactKey(call.kind, call.number));
  const admitFits = admit === 'color-code-free' || (admit === 'always' && site?.kind === 'hotspot');
  return [
    fact('own-id', radio.dmr?.id ?? null, dmrId, dmrId !== null && isStationId(dmrId) && radio.dmr?.id === dmrId),
    fact('contact', known ? call.number : null, call.number, known, 'doubtful'),
    fact('admit', admit, 'color-code-free', admitFits, 'doubtful'),
  ];
}

function air({ channel, site }: PathContext): Fact[] {
  if (!site) return [];
  const simplex = site.rxHz === site.txHz;
  return [fact('slot', channel.dmr.slot, simplex ? SIMPLEX_SLOT : channel.dmr.slot, !simplex || channel.dmr.slot === SIMPLEX_SLOT)];
}

function site({ channel, site }: PathContext): Fact[] {
  return site?.dmr ? [mustEqual('color-code', channel.dmr.colorCode, site.dmr.colorCode)] : [];
}

function gateway({ site, login, index }: PathContext): Fact[] {
  if (!site) return [];
  const gaps = loginGaps(login, index.plan.station.dmrId);
  const complete = fact('login', gaps.length > 0 ? gaps.join(', ') : 'complete', 'complete', gaps.length === 0);
  return login ? [complete, fact('suffix', login.suffix, '01 to 99', login.suffix !== null)] : [complete];
}

function network({ index, channel, site, network, arrives }: PathContext): Fact[] {
  if (!site || !network || !arrives) return [];
  const wanted = channel.destination ? callFor(index.plan, channel.destination) : null;
  if (!wanted || !channel.destination) return [fact('group', channel.dmr.call.number, network.name, arrives.name !== null)];
  return [
    mustEqual('network', network.id, channel.destination.networkId),
    mustEqual('number', channel.dmr.call.number, wanted.number),
    mustEqual('call-kind', channel.dmr.call.kind, wanted.kind),
  ];
}

function destination({ arrives }: PathContext): Fact[] {
  return arrives ? [fact('group', arrives.number, arrives.number, true)] : [];
}

/** The radio opens for a group that its list holds, or for the channel's own group where the radio is of that kind. */
export function hearsGroup({ radio, channel, holdings }: Pick<PathContext, 'radio' | 'channel' | 'holdings'>): boolean {
  const { call, receiveListId } = channel.dmr;
  if (call.kind === 'private') return true;
  if (radio.dmr?.hearsOwnGroup) return true;
  return receiveListId !== null && holdings.receiveLists.get(receiveListId)?.has(call.number) === true;
}

function replyRadio(context: PathContext): Fact[] {
  const { call } = context.channel.dmr;
  const hears = hearsGroup(context);
  return [fact('receive-list', hears ? call.number : null, call.number, hears)];
}

export const trace: ModeTrace = { radio, air, site, gateway, network, destination, replyRadio };
