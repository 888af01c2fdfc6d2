import { defineCheck } from '../../../checks/check';
import { baseCallSign, isCallSign } from '../../../units/call-signs';
import { set } from '../../../checks/walk';
import { eachDstarRadio } from './walk';

export const myMissing = defineCheck({
  id: 'my-missing',
  severity: 'broken',
  title: 'MY is empty',
  fact: 'my',
  docs: {
    summary: 'A D-STAR radio has no call sign in MY.',
    why: 'The radio does not transmit, or nobody knows who called.',
    remedy: 'Set MY to the call sign of your licence.',
    source: { kind: 'common practice', name: 'a radio refuses to transmit without MY' },
  },
  messages: { missing: '{radio} has nothing in MY; expected your call sign.' },
  fixes: { set: 'Set MY to {expects}' },
  check(index, report) {
    const callSign = baseCallSign(index.plan.station.callSign);
    eachDstarRadio(index, (radio, { my }, at) => {
      if (my.trim() !== '') return;
      const pointer = `${at}/my`;
      report({
        message: 'missing',
        data: { radio: radio.name, expects: callSign },
        pointer,
        subject: { radioId: radio.id },
        fixes: !isCallSign(callSign) ? [] : [{ id: 'set', patches: [set(pointer, callSign)] }],
      });
    });
  },
});
