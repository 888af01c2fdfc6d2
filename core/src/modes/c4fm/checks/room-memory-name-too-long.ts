import { shortenName } from '../../../codeplug/names';
import { defineCheck } from '../../../checks/check';
import { set } from '../../../checks/walk';
import { toPointer } from '../../../plan/patches';
import { rows } from '../../../plan/table';
import { capacityOf } from '../book';
import { eachC4fmRadio } from './walk';

export const roomMemoryNameTooLong = defineCheck({
  id: 'room-memory-name-too-long',
  severity: 'broken',
  title: 'A room’s name is too long for the radio',
  docs: {
    summary: 'A room that a radio is to keep has a longer name than the radio shows.',
    why: 'The radio cuts it, and two rooms may look alike.',
    remedy: 'Shorten the name.',
    source: { kind: 'common practice', name: 'lengths of names are a property of the radio' },
  },
  messages: { long: '“{has}” has {length} characters; {radio} keeps {expects}.' },
  fixes: { shorten: 'Call it “{name}”' },
  check(index, report) {
    eachC4fmRadio(index, (radio) => {
      const most = capacityOf(radio)?.nameLength ?? Infinity;
      for (const { id, name } of rows(index.plan.codeplugs[radio.id]!.c4fm.rooms)) {
        if (name.length <= most) continue;
        const pointer = toPointer(['codeplugs', radio.id, 'c4fm', 'rooms', 'byId', id, 'name']);
        const short = shortenName(name, most);
        report({
          message: 'long',
          data: { has: name, length: name.length, radio: radio.name, expects: most, name: short },
          pointer,
          subject: { radioId: radio.id },
          fixes: [{ id: 'shorten', patches: [set(pointer, short)] }],
        });
      }
    });
  },
});
