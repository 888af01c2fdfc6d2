import { fitNames, nameLength, sharedWords } from '../codeplug/names';
import { namedTables } from '../plan/records';
import { rows } from '../plan/table';
import { defineCheck } from './check';
import { channelNames, eachCodeplug, set } from './walk';
import { nameRoom, nameRules } from '../codeplug/room';

export const nameTooLong = defineCheck({
  id: 'name-too-long',
  severity: 'broken',
  title: 'Name too long for the radio',
  docs: {
    summary: 'The name of a channel, zone, contact or list is longer than the radio shows.',
    why: 'The radio cuts it, and two names may then look alike.',
    remedy: 'Shorten the name.',
  },
  messages: { long: '“{name}” has {has} characters; {radio} holds {expects}.' },
  fixes: { shorten: 'Shorten to “{short}”' },
  check(index, report) {
    eachCodeplug(index.plan, (radio, codeplug, pointer) => {
      const expects = nameRoom(radio);
      for (const { kind, table } of namedTables(codeplug, (record) => record.named === true)) {
        const names = kind === 'channels' ? channelNames(index, radio.id) : rows(table);
        let shared: ReadonlySet<string> | null = null;
        for (const one of names) {
          if (nameLength(one.name) <= expects) continue;
          shared ??= sharedWords(names.map((other) => other.name));
          const at = `${pointer}/${kind}/byId/${one.id}/name`;
          const [short] = fitNames(
            [{ name: one.name, qualifier: '' }],
            nameRules(index.plan, radio),
            names.map((other) => other.name),
            shared,
          );
          const subject = kind === 'channels' ? { radioId: radio.id, channelId: one.id } : { radioId: radio.id };
          report({
            message: 'long',
            data: { name: one.name, has: nameLength(one.name), expects, radio: radio.name, short: short! },
            pointer: at,
            subject,
            fixes: [{ id: 'shorten', patches: [set(at, short)] }],
          });
        }
      }
    });
  },
});
