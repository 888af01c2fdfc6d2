import { defineCheck } from '../../../checks/check';
import { set } from '../../../checks/walk';
import { baseCallSign, isCallSign } from '../../../units/call-signs';
import { fieldProblem } from '../addresses';
import { isOwnMy } from '../trace';
import { FIELD_LENGTH } from '../../../plan/modes/dstar/limits';
import { eachDstarRadio } from './walk';

export const myBorrowed = defineCheck({
  id: 'my-borrowed',
  severity: 'broken',
  title: 'MY is another station’s call sign',
  fact: 'my',
  docs: {
    summary: 'A radio calls under another call sign than the station’s: often one that came with a borrowed codeplug.',
    why: 'You would transmit under somebody else’s call sign, which no licence allows; gateways that know the other one refuse you.',
    remedy: 'Set MY to your own call sign, or the station to the call sign of your licence.',
    source: { kind: 'published', name: 'ITU Radio Regulations, Article 19 (identification of stations)' },
  },
  messages: { borrowed: '{radio} calls as {has}; the station is {expects}.' },
  fixes: { set: 'Set MY to {expects}' },
  check(index, report) {
    const { callSign } = index.plan.station;
    const own = baseCallSign(callSign);
    eachDstarRadio(index, (radio, { my }, at) => {
      if (
        callSign === '' ||
        my.trim() === '' ||
        my.length > FIELD_LENGTH ||
        fieldProblem(my) ||
        my !== my.toUpperCase()
      )
        return;
      if (isOwnMy(my, callSign)) return;
      const pointer = `${at}/my`;
      report({
        message: 'borrowed',
        data: { radio: radio.name, has: my.trim(), expects: own },
        pointer,
        subject: { radioId: radio.id },
        fixes: isCallSign(own) ? [{ id: 'set', patches: [set(pointer, own)] }] : [],
      });
    });
  },
});
