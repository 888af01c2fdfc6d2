/** The DMR pairs of each hop. */
import { fact, mustEqual } from '../../path/fact';
import { contactKey } from '../../path/contact-key';
import type { PlanIndex } from '../../path/plan-index';
import type { Arrival, Fact, PathContext } from '../../path/types';
import type { ModeTrace } from '../mode';
import { loginGaps } from './login';
import { isStationId } from './addresses';
import { callFor, callOf, judgeRoute, routesOf, type RouteVerdict } from './links';
import { SIMPLEX_SLOT } from './limits';
import { answer, forward, matchingRule, unasked } from './routes/table';
import { rulePosition } from './routes/words';
import type { RouteRule, TimeSlot } from './types';

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

function gateway(context: PathContext): Fact[] {
  const { site, login, index, channel } = context;
  if (!site) return [];
  const gaps = loginGaps(login, index.plan.station.dmrId);
  const table = routesOf(index, site.id);
  const verdict = judgeRoute(context);
  // A call that no rule takes reaches no login.
  const facts = !login && table.networkIds.length > 0 ? [] : [fact('login', gaps.length > 0 ? gaps.join(', ') : 'complete', 'complete', gaps.length === 0)];
  if (login) facts.push(fact('suffix', login.suffix, '01 to 99', login.suffix !== null));
  const nameOf = (id: string) => index.plan.networks.byId[id]!.name;
  if (verdict.is === 'not carried') facts.push(fact('carried', table.networkIds.map(nameOf).join(', ') || null, nameOf(channel.destination!.networkId), false));
  if (table.selection === 'several') facts.push(routeFact(context, verdict));
  return facts;
}

function routeFact(context: PathContext, verdict: RouteVerdict): Fact {
  const table = routesOf(context.index, context.site!.id);
  const words = (rule: RouteRule | null) => (rule ? `rule ${rulePosition(context.profile!, rule)}` : null);
  const taken = words(matchingRule(table, callOf(context)));
  if (verdict.is === 'taken') return fact('route', words(verdict.by), words(verdict.right), false);
  if (verdict.is === 'stops') return fact('route', null, 'a rule', false);
  if (verdict.is === 'unreachable') return fact('route', taken, 'a rule that leads there', false);
  return fact('route', taken, taken, true);
}

/** Where the call comes out. What is told apart at the gateway (a rule, a login) is not told again here. */
function network(context: PathContext): Fact[] {
  const { index, channel, site, network, arrives } = context;
  if (!site) return [];
  const { call } = channel.dmr;
  const wanted = channel.destination ? callFor(index.plan, channel.destination) : null;
  if (!wanted || !channel.destination) return network && arrives ? [fact('group', call.number, network.name, arrives.name !== null)] : [];
  const verdict = judgeRoute(context);
  // A number that no rule takes, though another would lead there, is told here: the number is what is wrong.
  if (!network || !arrives) return verdict.is === 'misdialled' ? [mustEqual('number', call.number, verdict.expects), mustEqual('call-kind', call.kind, wanted.kind)] : [];
  if (verdict.is === 'other network') return [mustEqual('network', network.id, channel.destination.networkId)];
  const expects = verdict.is === 'misdialled' ? verdict.expects : call.number;
  return [mustEqual('number', call.number, expects), mustEqual('call-kind', call.kind, verdict.is === 'misdialled' ? wanted.kind : call.kind)];
}

/** A group that is not static is silent until someone keys it through the site. */
function replyNetwork({ index, channel, site, login, arrives }: PathContext): Fact[] {
  if (!site || !arrives || arrives.kind !== 'group') return [];
  const group = index.networks.get(arrives.networkId)!.groupByNumber.get(arrives.number);
  if (!group) return [];
  const known = login?.staticGroupIds.includes(group.id) ? 'static' : activityWords(index, site.id, arrives, channel.dmr.slot);
  return [fact('activity', known, known, true)];
}

function activityWords(index: PlanIndex, siteId: string, { networkId, number }: Arrival, slot: TimeSlot): string {
  const awake = index.awake.find((one) => one.siteId === siteId && one.networkId === networkId && one.slot === slot && one.number === number);
  return awake && awake.minutesLeft > 0 ? `dynamic, awake for ${Math.ceil(awake.minutesLeft)} min` : 'dynamic, silent until you key it once';
}

/** The answer comes back by the rule that carried the call; a static group comes unasked, by the first rule that holds it. */
function replyGateway(context: PathContext): Fact[] {
  const { index, site, login, channel, arrives } = context;
  const facts = gateway(context);
  if (!site || !arrives) return facts;
  const table = routesOf(index, site.id);
  const call = callOf(context);
  const routed = forward(table, call)!;
  const back = answer(routed);
  const group = arrives.kind === 'group' ? index.networks.get(arrives.networkId)!.groupByNumber.get(arrives.number) : undefined;
  const comes = back && group && login?.staticGroupIds.includes(group.id) ? unasked(table, arrives.networkId, routed) : back;
  // What answers a call finds its way; what comes unasked under another number is only not heard until one keys up.
  facts.push(fact('return', comes?.number ?? null, channel.dmr.call.number, comes !== null && comes.number === call.number && comes.slot === call.slot, back ? 'doubtful' : 'broken'));
  return facts;
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

/** Somewhere else than meant: a place is reached, and the routes or the number are to blame. */
function astray(context: PathContext): boolean {
  return context.arrives !== null && judgeRoute(context).is !== 'right';
}

export const trace: ModeTrace = { radio, air, site, gateway, network, destination, replyNetwork, replyGateway, replyRadio, astray };
