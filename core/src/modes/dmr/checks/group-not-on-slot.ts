import { defineCheck } from '../../../checks/check';
import { channelPointer, channelSubject, set } from '../../../checks/walk';
import { eachDisagreement } from './walk';

export const groupNotOnSlot = defineCheck({
  id: 'group-not-on-slot',
  severity: 'broken',
  title: 'The repeater has the group on the other slot',
  fact: 'slot',
  docs: {
    summary: 'A channel calls a group on a slot where its repeater does not carry it.',
    why: 'The ones you mean are on the other slot: they do not hear you, and you take up a slot that others use.',
    remedy: 'Set the channel to the slot that carries the group.',
    source: { kind: 'common practice', name: 'groups are bound to a slot of the repeater' },
  },
  messages: { other: 'The channel calls group {group} on slot {has}; {site} has it on slot {expects}.' },
  fixes: { set: 'Set the channel to slot {expects}' },
  check(index, report) {
    eachDisagreement(index, 'slot', 'site', (context, fact) => {
      const pointer = channelPointer(context, 'dmr', 'slot');
      const data = { group: context.channel.dmr.call.number, has: Number(fact.has), expects: Number(fact.expects), site: context.site!.name };
      report({ message: 'other', data, pointer, subject: channelSubject(context), fixes: [{ id: 'set', patches: [set(pointer, fact.expects)] }] });
    });
  },
});
