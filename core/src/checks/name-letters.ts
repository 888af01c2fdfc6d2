import { inLetters } from '../codeplug/letters';
import { fitNames } from '../codeplug/names';
import { nameRules } from '../codeplug/room';
import { namedTables } from '../plan/records';
import { rows } from '../plan/table';
import { defineCheck } from './check';
import { eachCodeplug, set } from './walk';

export const nameLetters = defineCheck({
  id: 'name-letters',
  severity: 'doubtful',
  title: 'Letters that the radio does not have',
  docs: {
    summary: 'A name has letters that the radio cannot show: accents, another script, small letters.',
    why: 'The radio shows a blank or another sign in their place, or its program refuses the name.',
    remedy: 'Write the name in the letters that the radio has.',
    source: { kind: 'common practice', name: 'common practice' },
  },
  messages: { other: '“{name}” has letters that {radio} does not show; expected {letters}.' },
  fixes: { rename: 'Rename to “{fresh}”' },
  check(index, report) {
    eachCodeplug(index.plan, (radio, codeplug, pointer) => {
      if (radio.letters === null || radio.letters === 'any') return;
      const letters = radio.letters === 'capitals' ? 'capitals without accents' : 'letters without accents';
      for (const { kind, table } of namedTables(codeplug, (record) => record.named === true)) {
        const named = rows(table);
        for (const { id, name } of named) {
          const plain = inLetters(name, radio.letters);
          if (plain === name) continue;
          const others = named.filter((one) => one.id !== id).map((one) => one.name);
          const [fresh] = fitNames([{ name: plain, qualifier: '' }], nameRules(index.plan, radio), others);
          const at = `${pointer}/${kind}/byId/${id}/name`;
          const subject = kind === 'channels' ? { radioId: radio.id, channelId: id } : { radioId: radio.id };
          report({
            message: 'other',
            data: { name, radio: radio.name, letters, fresh: fresh! },
            pointer: at,
            subject,
            fixes: [{ id: 'rename', patches: [set(at, fresh)] }],
          });
        }
      }
    });
  },
});
