/** The DMR pairs of each hop. */
import { fact, mustEqual, mustMatch, noted } from '../../path/fact';
import { isSent } from '../../path/purpose';
import type { Fact, PathContext, PlanIndex } from '../../path/types';
import { stateOf } from '../../path/world';
import type { ModeTrace } from '../../path/mode-path';
import { networkIdOf } from '../../plan/networks';
import { carriageOf } from './carriage';
import { loginGaps, loginOf } from './login';
import { isOwnId } from '../../plan/station';
import { isStationId } from './addresses';
import { callFor, callOf, isLocalCall, judgeRoute, routesOf, type RouteVerdict, whatIsAt } from './links';
import { contactKey } from './contact-key';
import { holdingsOf } from './holdings';
import { LOCAL_GROUP, SIMPLEX_SLOT, SUFFIX_MAX, SUFFIX_MIN } from '../../plan/modes/dmr/limits';
import { answer, forward, matchingRule, unasked } from './routes/table';
import { carriageFacts, repeaterNetworkFacts, slotFact } from './repeater';
import type { Activity, AdmitCriterion, DmrArrival, TimeSlot } from '../../plan/modes/dmr/types';
import { dmrNetwork, groupOfNumber } from './networks';

const MINUTE_MS = 60_000;

/** Of what a radio can wait for before it sends, what is most careful of others; `null`: it is not known. */
export function mostCareful(admits: readonly AdmitCriterion[] | null): AdmitCriterion {
  const order = ['color-code-free', 'channel-free'] as const;
  return order.find((one) => admits === null || admits.includes(one)) ?? 'always';
}

function radio({ index, radio, channel, purpose, site }: PathContext<'dmr'>): Fact[] {
  if (!isSent(purpose)) return [];
  const { dmrId } = index.plan.station;
  const { call, admit } = channel.dmr;
  const known = holdingsOf(index, radio.id).contacts.has(contactKey(call.kind, call.number));
  const best = mostCareful(radio.dmr?.admits ?? null);
  const admitFits = admit === best || admit === 'color-code-free' || (admit === 'always' && site?.kind === 'hotspot');
  const id = radio.dmr?.id ?? null;
  return [
    fact('own-id', id, dmrId, dmrId !== null && isStationId(dmrId) && isOwnId(index.plan, id)),
    fact('contact', known ? call.number : null, call.number, known, 'doubtful'),
    // Without a site there is no color code to wait for.
    ...(site ? [fact('admit', admit, best, admitFits, 'doubtful')] : []),
  ];
}

function air({ channel, site }: PathContext<'dmr'>): Fact[] {
  if (site?.kind !== 'hotspot') return [];
  const simplex = site.rxHz === site.txHz;
  return [
    fact(
      'slot',
      channel.dmr.slot,
      simplex ? SIMPLEX_SLOT : channel.dmr.slot,
      !simplex || channel.dmr.slot === SIMPLEX_SLOT,
    ),
  ];
}

function site(context: PathContext<'dmr'>): Fact[] {
  const { channel, site } = context;
  if (!site?.dmr) return [];
  const carriage = carriageOf(site);
  return [
    mustMatch('color-code', channel.dmr.colorCode, site.dmr.colorCode),
    ...(carriage && !isLocalCall(context) ? [slotFact(context, carriage)] : []),
    ...(isLocalCall(context) ? localFacts(context) : []),
  ];
}

/** What a call that stays at the site must call: the group that no site carries on. */
function localFacts({ channel }: PathContext<'dmr'>): Fact[] {
  const { call } = channel.dmr;
  return [mustEqual('number', call.number, LOCAL_GROUP), mustEqual('call-kind', call.kind, 'group')];
}

/** A local call ends at the site. */
function ends(context: PathContext<'dmr'>): 'site' | null {
  return isLocalCall(context) ? 'site' : null;
}

function gateway(context: PathContext<'dmr'>): Fact[] {
  const { site, index, channel } = context;
  if (!site) return [];
  const carriage = carriageOf(site);
  if (carriage) return carriageFacts(context, carriage);
  if (site.kind === 'repeater') return [];
  const login = loginOf(context);
  const networkId = context.arrives?.networkId ?? null;
  const gaps = loginGaps(index.plan, site.id, networkId, login);
  const isDirect = networkId !== null && dmrNetwork(index.plan, networkId)?.direct != null;
  const table = routesOf(index, site.id);
  const verdict = judgeRoute(context);
  // A call that no rule takes reaches no login.
  const facts = !login && table.networkIds.length > 0 ? [] : [fact('login', gaps, [], gaps.length === 0)];
  if (login && !isDirect)
    facts.push(
      fact('suffix', login.suffix, { rule: 'between', low: SUFFIX_MIN, high: SUFFIX_MAX }, login.suffix !== null),
    );
  if (verdict.is === 'not carried')
    facts.push(fact('carried', table.networkIds, [networkIdOf(channel.destination)!], false));
  if (table.selection === 'several') facts.push(routeFact(context, verdict));
  return facts;
}

function routeFact(context: PathContext<'dmr'>, verdict: RouteVerdict): Fact {
  const table = routesOf(context.index, context.site!.id);
  const taken = matchingRule(table, callOf(context))?.id ?? null;
  if (verdict.is === 'taken') return fact('route', verdict.by.id, verdict.right.id, false);
  if (verdict.is === 'stops') return fact('route', null, { rule: 'any' }, false);
  if (verdict.is === 'unreachable') return fact('route', taken, { rule: 'leads there' }, false);
  return fact('route', taken, taken, true);
}

/** Where the call comes out. What is told apart at the gateway (a rule, a login) is not told again here. */
function network(context: PathContext<'dmr'>): Fact[] {
  const { index, channel, site, network, arrives } = context;
  if (!site) return [];
  const { call } = channel.dmr;
  const wanted = channel.destination ? callFor(index.plan, channel.destination) : null;
  const carriage = carriageOf(site);
  if (carriage) return repeaterNetworkFacts(context, carriage, wanted);
  if (!wanted || !channel.destination)
    return network && arrives && whatIsAt(index, network.id, arrives.kind, arrives.number) === null
      ? [noted('group', call.number, { rule: 'in directory', networkId: network.id })]
      : [];
  const verdict = judgeRoute(context);
  // A number that no rule takes, though another would lead there, is told here: the number is what is wrong.
  if (!network || !arrives)
    return verdict.is === 'misdialled'
      ? [mustEqual('number', call.number, verdict.expects), mustEqual('call-kind', call.kind, wanted.kind)]
      : [];
  if (verdict.is === 'other network') return [mustEqual('network', network.id, networkIdOf(channel.destination))];
  const expects = verdict.is === 'misdialled' ? verdict.expects : call.number;
  return [
    mustEqual('number', call.number, expects),
    mustEqual('call-kind', call.kind, verdict.is === 'misdialled' ? wanted.kind : call.kind),
  ];
}

/** A group that is not static is silent until someone keys it through the site. */
function replyNetwork(context: PathContext<'dmr'>): Fact[] {
  const { index, channel, site, arrives } = context;
  if (!site || !arrives || arrives.kind !== 'group' || arrives.networkId === null) return [];
  const group = groupOfNumber(index, arrives.networkId, arrives.number);
  const carriage = carriageOf(site);
  const bound = carriage
    ? carriage.groups.some(
        (one) => one.static && one.number === arrives.number && (one.slot ?? channel.dmr.slot) === channel.dmr.slot,
      )
    : group && loginOf(context)?.staticGroupIds.includes(group.id);
  if (!group && !carriage) return [];
  const known: Activity = bound ? { is: 'static' } : activityOf(index, site.id, arrives, channel.dmr.slot);
  return [fact('activity', known, known, true)];
}

function activityOf({ world }: PlanIndex, siteId: string, { networkId, number }: DmrArrival, slot: TimeSlot): Activity {
  const awake = stateOf(world, siteId, 'dmr')?.awake.find(
    (one) => one.networkId === networkId && one.slot === slot && one.number === number,
  );
  const leftMs = awake ? awake.untilMs - world.nowMs : 0;
  return leftMs > 0 ? { is: 'awake', minutesLeft: leftMs / MINUTE_MS } : { is: 'asleep' };
}

/**
 * The answer comes back by the rule that carried the call; a static group comes unasked, by the first rule that holds
 * it.
 */
function replyGateway(context: PathContext<'dmr'>): Fact[] {
  const { index, site, channel, arrives } = context;
  const facts = gateway(context);
  // A repeater changes no number: what goes out comes back.
  if (site?.kind !== 'hotspot' || !arrives || arrives.networkId === null) return facts;
  const login = loginOf(context);
  const table = routesOf(index, site.id);
  const call = callOf(context);
  const routed = forward(table, call)!;
  const back = answer(routed);
  const group = arrives.kind === 'group' ? groupOfNumber(index, arrives.networkId, arrives.number) : undefined;
  const comes =
    back && group && login?.staticGroupIds.includes(group.id) ? unasked(table, arrives.networkId, routed) : back;
  // What answers a call finds its way; what comes unasked under another number is only not heard until one keys up.
  facts.push(
    fact(
      'return',
      comes?.number ?? null,
      channel.dmr.call.number,
      comes !== null && comes.number === call.number && comes.slot === call.slot,
      back ? 'doubtful' : 'broken',
    ),
  );
  return facts;
}

function destination({ arrives }: PathContext<'dmr'>): Fact[] {
  return arrives ? [fact('group', arrives.number, arrives.number, true)] : [];
}

/** Whether a channel opens for a group: one that its list holds, or its own where the radio is of that kind. */
export function hearsNumber(
  { index, radio, channel }: Pick<PathContext<'dmr'>, 'index' | 'radio' | 'channel'>,
  number: number,
): boolean {
  const { call, receiveListId } = channel.dmr;
  if (radio.dmr?.hearsOwnGroup && call.kind === 'group' && call.number === number) return true;
  return receiveListId !== null && holdingsOf(index, radio.id).receiveLists.get(receiveListId)?.has(number) === true;
}

function replyRadio(context: PathContext<'dmr'>): Fact[] {
  const { call } = context.channel.dmr;
  const hears = call.kind === 'private' || hearsNumber(context, call.number);
  return [fact('receive-list', hears ? call.number : null, call.number, hears)];
}

/** Somewhere else than meant: a place is reached, and the routes or the number are to blame. */
function astray(context: PathContext<'dmr'>): boolean {
  const { arrives, site, channel, index } = context;
  if (arrives === null) return false;
  const wanted = channel.destination && callFor(index.plan, channel.destination);
  if (site?.kind === 'repeater')
    return (
      wanted != null &&
      !(
        arrives.networkId === networkIdOf(channel.destination) &&
        arrives.number === wanted.number &&
        arrives.kind === wanted.kind
      )
    );
  return judgeRoute(context).is !== 'right';
}

export const trace: ModeTrace<'dmr'> = {
  radio,
  air,
  site,
  ends,
  beyond: { gateway, network, replyNetwork, replyGateway },
  destination,
  replySite: site,
  replyRadio,
  astray,
};
