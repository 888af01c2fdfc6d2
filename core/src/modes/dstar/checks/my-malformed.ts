import { defineCheck } from '../../../checks/check';
import { refused } from '../../../codeplug/reading';
import { set } from '../../../checks/walk';
import { baseCallSign, isCallSign } from '../../../units/call-signs';
import { fieldProblem } from '../addresses';
import { isOwnMy } from '../trace';
import { FIELD_LENGTH } from '../../../plan/modes/dstar/limits';
import { eachDstarRadio } from './walk';

export const myMalformed = defineCheck({
  id: 'my-malformed',
  severity: 'broken',
  title: 'MY is not eight characters of a call sign',
  fact: 'my',
  docs: {
    summary:
      'MY holds letters that the header does not have, more than eight characters, or its letter in another place than the eighth.',
    why: 'What goes on the air is cut or refused: gateways do not know you.',
    remedy: 'Use capital letters and digits, at most eight, with a further letter only in the eighth place.',
    source: { kind: 'published', name: 'JARL, D-STAR system standard (field of 8 characters)' },
  },
  messages: { malformed: 'MY of {radio} is wrong. Found {has}, expected {expected}.' },
  fixes: { set: 'Set MY to {meant}' },
  check(index, report) {
    eachDstarRadio(index, (radio, { my }, at) => {
      if (my.trim() === '') return;
      const small = my === my.toUpperCase() ? null : refused(`“${my}”`, 'capital letters', my.toUpperCase());
      const wrong =
        my.length > FIELD_LENGTH
          ? refused(`${my.length} characters`, `at most ${FIELD_LENGTH}`)
          : (fieldProblem(my) ?? small);
      if (!wrong) return;
      const pointer = `${at}/my`;
      const { found, expected } = wrong;
      const { callSign } = index.plan.station;
      const own = baseCallSign(callSign);
      // What was meant may be another station's: then the station's own is offered.
      const meant =
        wrong.meant !== undefined && (callSign === '' || isOwnMy(wrong.meant, callSign))
          ? wrong.meant
          : isCallSign(own)
            ? own
            : undefined;
      const data = { radio: radio.name, has: found, expected, meant: meant ?? '' };
      report({
        message: 'malformed',
        data,
        pointer,
        subject: { radioId: radio.id },
        fixes: meant === undefined ? [] : [{ id: 'set', patches: [set(pointer, meant)] }],
      });
    });
  },
});
