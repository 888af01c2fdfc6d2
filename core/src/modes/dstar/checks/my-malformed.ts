import { defineCheck } from '../../../checks/check';
import { set } from '../../../checks/walk';
import { fieldProblem } from '../addresses';
import { FIELD_LENGTH } from '../limits';
import { eachDstarRadio } from './walk';

export const myMalformed = defineCheck({
  id: 'my-malformed',
  severity: 'broken',
  title: 'MY is not eight characters of a call sign',
  fact: 'my',
  docs: {
    summary: 'MY holds letters that the header does not have, more than eight characters, or its letter in another place than the eighth.',
    why: 'What goes on the air is cut or refused: gateways do not know you.',
    remedy: 'Use capital letters and digits, at most eight, with a further letter only in the eighth place.',
    source: { kind: 'published', name: 'JARL, D-STAR system standard (field of 8 characters)' },
  },
  messages: { malformed: 'MY of {radio} is wrong. {problem}.' },
  fixes: { set: 'Set MY to {meant}' },
  check(index, report) {
    eachDstarRadio(index, (radio, { my }, at) => {
      const found = my.trim() === '' ? null : my.length > FIELD_LENGTH ? { problem: `Found ${my.length} characters, expected at most ${FIELD_LENGTH}.` } : (fieldProblem(my) ?? (my === my.toUpperCase() ? null : { problem: `Found “${my}”, expected capital letters.`, meant: my.toUpperCase() }));
      if (!found) return;
      const pointer = `${at}/my`;
      const meant = 'meant' in found ? found.meant : undefined;
      report({ message: 'malformed', data: { radio: radio.name, problem: found.problem.replace(/\.$/, ''), meant: meant ?? '' }, pointer, subject: { radioId: radio.id }, fixes: meant === undefined ? [] : [{ id: 'set', patches: [set(pointer, meant)] }] });
    });
  },
});
