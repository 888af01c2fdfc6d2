import { profilePointer } from '../../../plan/profiles';
import { defineCheck } from '../../../checks/check';
import { channelPointer, channelSubject, set } from '../../../checks/walk';
import { eachDisagreement } from './walk';
import { networkIdOf } from '../../../plan/networks';
import type { PathContext } from '../../../path/types';
import { callFor, judgeRoute, placeWords, routesOf } from '../links';
import { addRule, missingRule, moveBefore, moveToEnd, placeForRange, type RulesAt } from '../routes/mend';
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
  fixes: { move: 'Move {by} behind {right}', first: 'Move {right} before {by}', add: 'Add a rule for {what}' },
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
        const fix =
          verdict.by.range === null
            ? { id: 'move' as const, patches: moveToEnd(at, profile!, verdict.by) }
            : { id: 'first' as const, patches: moveBefore(at, profile!, verdict.right, verdict.by) };
        report({ message: 'taken', data: { ...data, ...more }, pointer, subject, fixes: [fix] });
        return;
      }
      const wanted = channel.destination && callFor(index.plan, channel.destination);
      const message = verdict.is === 'unreachable' ? 'unreachable' : 'stops';
      if (!wanted) {
        report({ message, data, pointer, subject });
        return;
      }
      const { slot, call } = channel.dmr;
      const table = routesOf(index, siteId);
      // Where a call goes astray its own number is taken: the network's number then gets a rule of its own, before all others.
      const number = verdict.is === 'unreachable' ? wanted.number : call.number;
      const rule = missingRule(
        table,
        profile!,
        { networkId: networkIdOf(channel.destination)!, kind: wanted.kind, number: wanted.number },
        { slot, number },
      );
      const patches = addRule(at, profile!, rule, verdict.is === 'unreachable' ? 0 : placeForRange(profile!));
      if (number !== call.number) patches.push(set(pointer, number));
      if (wanted.kind !== call.kind) patches.push(set(channelPointer(context, 'dmr', 'call', 'kind'), wanted.kind));
      const what =
        rule.range!.count > 1
          ? `${wanted.kind} calls to ${index.plan.networks.byId[rule.networkId]!.name}`
          : `${wanted.kind} ${number}`;
      report({ message, data, pointer, subject, fixes: [{ id: 'add', data: { ...data, what }, patches }] });
    });
  },
});
