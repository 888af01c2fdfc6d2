import { recordsOf } from '../plan/records';
import { rows } from '../plan/table';
import type { Codeplug, Radio } from '../plan/types';
import { defineCheck } from './check';
import { eachCodeplug } from './walk';

/** Whatever a radio holds in tables: what it is, how many there are and how many fit. */
function counts(
  radio: Radio,
  codeplug: Codeplug,
): { key: string; what: string; has: number; expects: number | null }[] {
  const own = [
    { key: 'channels', what: 'channels', has: codeplug.channels.order.length, expects: radio.limits.channels },
    { key: 'zones', what: 'zones', has: codeplug.zones.order.length, expects: radio.limits.zones },
    { key: 'scanLists', what: 'scan lists', has: codeplug.scanLists.order.length, expects: radio.limits.scanLists },
  ];
  return [
    ...own,
    ...recordsOf(codeplug).flatMap(({ path, kind, table }) =>
      kind.limit
        ? [{ key: path.join('/'), what: `${kind.what}s`, has: table.order.length, expects: kind.limit(radio) }]
        : [],
    ),
  ];
}

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
    list: '{what} {list} has {has} {members}; {radio} holds {expects} in a list.',
  },
  fixes: {},
  check(index, report) {
    eachCodeplug(index.plan, (radio, codeplug, pointer) => {
      for (const { key, what, has, expects } of counts(radio, codeplug)) {
        if (expects !== null && has > expects)
          report({
            message: 'over',
            data: { radio: radio.name, what, has, expects },
            pointer: `${pointer}/${key}`,
            subject: { radioId: radio.id },
          });
      }
      for (const list of rows(codeplug.scanLists)) {
        const [has, expects] = [list.channelIds.length, radio.limits.channelsPerScanList];
        if (expects !== null && has > expects)
          report({
            message: 'list',
            data: { what: 'Scan list', list: list.name, has, members: 'channels', expects, radio: radio.name },
            pointer: `${pointer}/scanLists/byId/${list.id}`,
            subject: { radioId: radio.id },
          });
      }
      for (const { path, kind, table } of recordsOf(codeplug)) {
        if (!kind.members) continue;
        const { what: members, count, limit } = kind.members;
        for (const row of rows(table)) {
          const [has, expects] = [count(row), limit(radio)];
          if (expects === null || has <= expects) continue;
          const data = {
            what: `${kind.what[0]!.toUpperCase()}${kind.what.slice(1)}`,
            list: row.name,
            has,
            members,
            expects,
            radio: radio.name,
          };
          report({
            message: 'list',
            data,
            pointer: `${pointer}/${path.join('/')}/byId/${row.id}`,
            subject: { radioId: radio.id },
          });
        }
      }
    });
  },
});
