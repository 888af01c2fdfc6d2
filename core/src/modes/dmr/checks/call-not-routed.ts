import { profilePointer } from '../../../plan/profiles';
import { defineCheck } from '../../../checks/check';
import { channelPointer, channelSubject } from '../../../checks/walk';
import { eachDisagreement } from './walk';
import { networkIdOf } from '../../../plan/networks';
import type { PathContext } from '../../../path/types';
import { callFor, judgeRoute, placeWords, routesOf } from '../links';
import { recallPatches } from '../recall';
import { freeId } from '../../../plan/table';
import { SIMPLEX_SLOT } from '../../../plan/modes/dmr/limits';
import type { RouteRule } from '../../../plan/modes/dmr/types';
import { outThrough } from '../routes/table';
import {
  addRule,
  before,
  isSoundOrder,
  leadsNobodyAstray,
  missingRule,
  moveBefore,
  moveToEnd,
  placeForRange,
  type RulesAt,
} from '../routes/mend';
import { ruleWords } from '../routes/words';

function dataOf(context: PathContext<'dmr'>) {
  const { channel, site, index, arrives } = context;
  const wanted = channel.destination && callFor(index.plan, channel.destination);
  return {
    kind: channel.dmr.call.kind,
    has: channel.dmr.call.number,
    site: site!.name,
    wanted: wanted?.name ?? 'what it calls',
    expects: wanted ? `${index.plan.networks.byId[networkIdOf(channel.destination)!]!.name} ${wanted.number}` : '',
    where: arrives ? placeWords(index, arrives) : '',
  };
}

/**
 * What gives a call back to the rule that leads it right: that rule goes first where it is the narrower one; where the earlier rule
 * is, it may be meant for others, and this number alone gets a rule before it.
 */
function takenFix(context: PathContext<'dmr'>, by: RouteRule, right: RouteRule, at: RulesAt) {
  const { index, site, profile } = context;
  if (by.range === null) return { id: 'move' as const, patches: moveToEnd(at, profile!, by) };
  const table = routesOf(index, site!.id);
  if (isSoundOrder(index, site!.id, table, before(table.rules, right, by)))
    return { id: 'first' as const, patches: moveBefore(at, profile!, right, by) };
  const { slot, call } = context.channel.dmr;
  const led = outThrough(right, { ...call, slot });
  const rule: RouteRule = {
    id: freeId(`r-${right.networkId}-${call.number}`.slice(0, 50), (id) => id in profile!.dmr.rules.byId),
    networkId: right.networkId,
    call: call.kind,
    range: { slot, first: call.number, networkSlot: led.slot, networkFirst: led.number, count: 1 },
    reply: right.reply,
  };
  return { id: 'exact' as const, patches: addRule(at, profile!, rule, profile!.dmr.rules.order.indexOf(by.id)) };
}

export const callNotRouted = defineCheck({
  id: 'call-not-routed',
  severity: 'broken',
  title: 'The hotspot’s rules do not lead the call there',
  fact: 'route',
  docs: {
    summary: 'No rule takes a channel’s call, an earlier rule takes it elsewhere, or none leads to its destination.',
    why: 'The call stops at the hotspot, or comes out where you do not mean it, and nothing tells you.',
    remedy:
      'Put the rules in order under the hotspot’s routes: exact ones first, the catch-all last, one for groups and one for private calls to each network.',
    source: { kind: 'common practice', name: 'route rules: the first match wins' },
  },
  messages: {
    stops: 'No rule of {site} takes {kind} {has}: {wanted} will never arrive.',
    taken: 'The call to {kind} {has} goes to {where} instead of {expects}: {by} takes it before {right}.',
    unreachable: 'The call to {kind} {has} goes to {where} instead of {expects}: no rule of {site} leads there.',
  },
  fixes: {
    move: 'Move {by} behind {right}',
    first: 'Move {right} before {by}',
    exact: 'Add a rule for {kind} {has} alone, before {by}',
    add: 'Add a rule for {what}',
  },
  check(index, report) {
    eachDisagreement(index, 'route', 'gateway', (context) => {
      const { channel, site, profile } = context;
      const verdict = judgeRoute(context);
      const subject = channelSubject(context);
      const pointer = channelPointer(context, 'dmr', 'call', 'number');
      const data = dataOf(context);
      const siteId = site!.id;
      const at: RulesAt = (...path) => profilePointer(index.plan, siteId, ...path);
      if (verdict.is === 'taken') {
        const more = { by: ruleWords(profile!, verdict.by), right: ruleWords(profile!, verdict.right) };
        report({
          message: 'taken',
          data: { ...data, ...more },
          pointer,
          subject,
          fixes: [takenFix(context, verdict.by, verdict.right, at)],
        });
        return;
      }
      const wanted = channel.destination && callFor(index.plan, channel.destination);
      const message = verdict.is === 'unreachable' ? 'unreachable' : 'stops';
      if (!wanted) {
        report({ message, data, pointer, subject });
        return;
      }
      const { slot, call } = channel.dmr;
      // On a slot that the hotspot does not hear no rule helps: that is told apart.
      if (site!.rxHz === site!.txHz && slot !== SIMPLEX_SLOT) {
        report({ message, data, pointer, subject });
        return;
      }
      const table = routesOf(index, siteId);
      // Where a call goes astray its own number is taken: the network's number then gets a rule of its own, before all others.
      const number = verdict.is === 'unreachable' ? wanted.number : call.number;
      const rule = missingRule(
        table,
        profile!,
        { networkId: networkIdOf(channel.destination)!, kind: wanted.kind, number: wanted.number },
        { slot, number },
      );
      const first = verdict.is === 'unreachable';
      // A number that leads others right already is not taken from them.
      if (first && !leadsNobodyAstray(index, siteId, table, [rule, ...table.rules])) {
        report({ message, data, pointer, subject });
        return;
      }
      const patches = addRule(at, profile!, rule, first ? 0 : placeForRange(profile!));
      patches.push(...recallPatches(context, { kind: wanted.kind, number }, wanted.name));
      const what =
        rule.range!.count > 1
          ? `${wanted.kind} calls to ${index.plan.networks.byId[rule.networkId]!.name}`
          : `${wanted.kind} ${number}`;
      report({ message, data, pointer, subject, fixes: [{ id: 'add', data: { ...data, what }, patches }] });
    });
  },
});
