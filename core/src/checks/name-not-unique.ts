import { cutName, fitNames } from '../codeplug/names';
import { namedTables } from '../plan/records';
import { rows } from '../plan/table';
import { defineCheck } from './check';
import { channelNames, eachCodeplug, set } from './walk';
import { nameRules, shownRoom } from '../codeplug/room';

export const nameNotUnique = defineCheck({
  id: 'name-not-unique',
  severity: 'doubtful',
  title: 'Name not unique on the radio',
  docs: {
    summary: 'Two channels, zones or lists of a radio have names that are the same once cut to the radio’s length.',
    why: 'They cannot be told apart on the display, and some radios refuse the second.',
    remedy: 'Name them apart.',
  },
  messages: { same: 'Name “{has}” is used by {count} {kind}; expected once within {length} characters.' },
  fixes: { rename: 'Rename this one to “{name}”' },
  check(index, report) {
    eachCodeplug(index.plan, (radio, codeplug, pointer) => {
      const length = shownRoom(radio);
      for (const { kind: key, what: kind, table } of namedTables(codeplug, (record) => record.distinct === true)) {
        const named = key === 'channels' ? channelNames(index, radio.id) : rows(table);
        const counts = new Map<string, number>();
        for (const { name } of named) {
          const shown = cutName(name, length);
          counts.set(shown, (counts.get(shown) ?? 0) + 1);
        }
        const seen = new Set<string>();
        for (const { id, name } of named) {
          const shown = cutName(name, length);
          if (!seen.has(shown)) {
            seen.add(shown);
            continue;
          }
          const at = `${pointer}/${key}/byId/${id}/name`;
          const [fresh] = fitNames([{ name, qualifier: '' }], nameRules(index.plan, radio), [...counts.keys()]);
          const subject = key === 'channels' ? { radioId: radio.id, channelId: id } : { radioId: radio.id };
          report({
            message: 'same',
            data: { has: shown, count: counts.get(shown)!, kind, length, name: fresh! },
            pointer: at,
            subject,
            fixes: [{ id: 'rename', patches: [set(at, fresh)] }],
          });
          counts.set(fresh!, 1);
        }
      }
    });
  },
});
