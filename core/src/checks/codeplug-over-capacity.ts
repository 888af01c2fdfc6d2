import { rows } from '../plan/table';
import type { Codeplug, Radio } from '../plan/types';
import { defineCheck } from './check';
import { eachCodeplug } from './walk';

const COUNTS = [
  { kind: 'channels', what: 'channels', count: (codeplug: Codeplug) => codeplug.channels.order.length, limit: (radio: Radio) => radio.limits.channels },
  { kind: 'zones', what: 'zones', count: (codeplug: Codeplug) => codeplug.zones.order.length, limit: (radio: Radio) => radio.limits.zones },
  { kind: 'contacts', what: 'contacts', count: (codeplug: Codeplug) => codeplug.contacts.order.length, limit: (radio: Radio) => radio.limits.contacts },
  { kind: 'receiveLists', what: 'receive lists', count: (codeplug: Codeplug) => codeplug.receiveLists.order.length, limit: (radio: Radio) => radio.limits.receiveLists },
] as const;

export const codeplugOverCapacity = defineCheck({
  id: 'codeplug-over-capacity',
  severity: 'broken',
  title: 'More channels, zones, contacts or lists than the radio holds',
  docs: {
    summary: 'A codeplug holds more of a kind than the radio has room for.',
    why: 'The radio refuses the codeplug or loses what does not fit.',
    remedy: 'Take out what is not used on this radio, or correct the radio’s limits from its manual.',
  },
  messages: {
    over: '{radio} has {has} {what}; it holds {expects}.',
    list: 'Receive list {list} has {has} groups; {radio} holds {expects} in a list.',
  },
  fixes: {},
  check(index, report) {
    eachCodeplug(index.plan, (radio, codeplug, pointer) => {
      for (const { kind, what, count, limit } of COUNTS) {
        const [has, expects] = [count(codeplug), limit(radio)];
        if (has > expects) report({ message: 'over', data: { radio: radio.name, what, has, expects }, pointer: `${pointer}/${kind}`, subject: { radioId: radio.id } });
      }
      for (const list of rows(codeplug.receiveLists)) {
        const expects = radio.limits.groupsPerReceiveList;
        if (list.groups.length <= expects) continue;
        report({ message: 'list', data: { list: list.name, has: list.groups.length, expects, radio: radio.name }, pointer: `${pointer}/receiveLists/byId/${list.id}/groups`, subject: { radioId: radio.id } });
      }
    });
  },
});
