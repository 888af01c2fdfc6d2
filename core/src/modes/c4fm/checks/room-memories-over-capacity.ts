import { defineCheck } from '../../../checks/check';
import { rows } from '../../../plan/table';
import { capacityOf } from '../book';
import { eachC4fmRadio } from './walk';

export const roomMemoriesOverCapacity = defineCheck({
  id: 'room-memories-over-capacity',
  severity: 'broken',
  title: 'More rooms than the radio keeps',
  docs: {
    summary: 'A radio is to keep more rooms in a category than it has memories, or more categories than it has.',
    why: 'What is over cannot be saved, and which rooms are missing is found out on the air.',
    remedy: 'Deal the room book again, or take rooms out.',
    source: { kind: 'common practice', name: 'room memories are a property of the radio' },
  },
  messages: {
    category: '{radio} is to keep {has} rooms in category {category}; it keeps {expects}.',
    categories: '{radio} is to keep rooms in category {category}; it has {expects} categories.',
    none: '{radio} is to keep {has} rooms; it keeps none.',
  },
  fixes: {},
  check(index, report) {
    eachC4fmRadio(index, (radio) => {
      const memories = rows(index.plan.codeplugs[radio.id]!.c4fm.rooms);
      const pointer = `/codeplugs/${radio.id}/c4fm/rooms`;
      const capacity = capacityOf(radio);
      if (memories.length > 0 && capacity === null) {
        report({
          message: 'none',
          data: { radio: radio.name, has: memories.length },
          pointer,
          subject: { radioId: radio.id },
        });
        return;
      }
      for (const category of [...new Set(memories.map((one) => one.category))].sort((a, b) => a - b)) {
        const count = memories.filter((one) => one.category === category).length;
        if (category > capacity!.categories)
          report({
            message: 'categories',
            data: { radio: radio.name, category, expects: capacity!.categories },
            pointer,
            subject: { radioId: radio.id },
          });
        else if (count > capacity!.perCategory)
          report({
            message: 'category',
            data: { radio: radio.name, has: count, category, expects: capacity!.perCategory },
            pointer,
            subject: { radioId: radio.id },
          });
      }
    });
  },
});
