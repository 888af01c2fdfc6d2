import { defineCheck } from '../../../checks/check';
import { set } from '../../../checks/walk';
import { fieldProblem } from '../addresses';
import { FIELD_CHARACTERS, SUFFIX_LENGTH } from '../../../plan/modes/dstar/limits';
import { eachDstarRadio } from './walk';

export const mySuffixMalformed = defineCheck({
  id: 'my-suffix-malformed',
  severity: 'doubtful',
  title: 'What stands behind MY is too long',
  fact: 'my-suffix',
  docs: {
    summary: 'The suffix of MY has more than four characters, or letters that the header does not have.',
    why: 'The radio cuts it or refuses it: others read something else than you meant.',
    remedy: 'Use at most four capital letters, digits or spaces.',
    source: { kind: 'published', name: 'JARL, D-STAR system standard (suffix of 4 characters)' },
  },
  messages: { malformed: 'The suffix of {radio} is “{has}”; expected at most four capital letters and digits.' },
  fixes: { set: 'Set it to {meant}' },
  check(index, report) {
    eachDstarRadio(index, (radio, { suffix }, at) => {
      if (
        suffix.length <= SUFFIX_LENGTH &&
        fieldProblem(suffix, SUFFIX_LENGTH) === null &&
        suffix === suffix.toUpperCase()
      )
        return;
      const meant = suffix.toUpperCase().slice(0, SUFFIX_LENGTH).trim();
      const pointer = `${at}/suffix`;
      report({
        message: 'malformed',
        data: { radio: radio.name, has: suffix, meant },
        pointer,
        subject: { radioId: radio.id },
        fixes: FIELD_CHARACTERS.test(meant) && meant !== '' ? [{ id: 'set', patches: [set(pointer, meant)] }] : [],
      });
    });
  },
});
