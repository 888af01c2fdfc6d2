import { defineCheck } from '../../../checks/check';
import { set } from '../../../checks/walk';
import { SUFFIX_LENGTH } from '../../../plan/modes/dstar/limits';
import { addedBehind, baseCallSign, isCallSign } from '../../../units/call-signs';
import { eachDstarRadio } from './walk';

export const myWithAddition = defineCheck({
  id: 'my-with-addition',
  severity: 'note',
  title: 'MY holds more than the call sign',
  docs: {
    summary: 'MY holds what is added to a call sign, such as /P or a country before it.',
    why: 'Gateways know the call sign that is registered; under another text they may not take the call.',
    remedy: 'Keep the call sign alone in MY; what is added goes into the four characters of the suffix.',
    source: { kind: 'published', name: 'JARL, D-STAR system standard (MY of 8 characters and a suffix of 4)' },
  },
  messages: { added: 'MY of {radio} is {has}; gateways know {expects}.' },
  fixes: { move: 'Set MY to {expects} and the suffix to {suffix}', set: 'Set MY to {expects}' },
  check(index, report) {
    eachDstarRadio(index, (radio, { my, suffix }, at) => {
      const has = my.trim();
      if (!has.includes('/') || !isCallSign(has)) return;
      const expects = baseCallSign(has);
      const added = addedBehind(has);
      const moves = added !== '' && added.length <= SUFFIX_LENGTH && suffix.trim() === '';
      const data = { radio: radio.name, has, expects };
      const alone = set(`${at}/my`, expects);
      report({
        message: 'added',
        data,
        pointer: `${at}/my`,
        subject: { radioId: radio.id },
        fixes: moves
          ? [{ id: 'move', data: { expects, suffix: added }, patches: [alone, set(`${at}/suffix`, added)] }]
          : [{ id: 'set', data: { expects }, patches: [alone] }],
      });
    });
  },
});
