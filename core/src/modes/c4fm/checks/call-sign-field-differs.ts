import { defineCheck } from '../../../checks/check';
import { set } from '../../../checks/walk';
import { CALL_SIGN_LENGTH } from '../../../plan/modes/c4fm/limits';
import { sendsAs } from '../trace';
import { eachC4fmRadio } from './walk';

export const callSignFieldDiffers = defineCheck({
  id: 'call-sign-field-differs',
  severity: 'broken',
  title: 'The call sign that the radio sends is not the station’s',
  fact: 'c4fm-call-sign',
  docs: {
    summary: 'A C4FM radio sends no call sign, one that is too long, or another station’s.',
    why: 'Every over carries it: without your own nobody knows who called, and under another’s no licence lets you call.',
    remedy: 'Set it to your call sign; a few characters may stand behind it after “-” or “/”.',
    source: { kind: 'published', name: 'ITU Radio Regulations, Article 19 (identification of stations)' },
  },
  messages: {
    missing: '{radio} sends no call sign; expected {expects}.',
    long: '{radio} sends “{has}”, {length} characters; at most 10 go on the air.',
    other: '{radio} sends {has}; the station is {expects}.',
  },
  fixes: { set: 'Set it to {expects}' },
  check(index, report) {
    const expects = index.plan.station.callSign;
    eachC4fmRadio(index, (radio, { callSign }, at) => {
      const message =
        callSign.trim() === ''
          ? 'missing'
          : callSign.length > CALL_SIGN_LENGTH
            ? 'long'
            : expects !== '' && !sendsAs(callSign, expects)
              ? 'other'
              : null;
      if (message === null) return;
      const pointer = `${at}/callSign`;
      const fixes =
        expects === '' || expects.length > CALL_SIGN_LENGTH
          ? []
          : [{ id: 'set' as const, patches: [set(pointer, expects)] }];
      report({
        message,
        data: { radio: radio.name, has: callSign, length: callSign.length, expects: expects || 'your call sign' },
        pointer,
        subject: { radioId: radio.id },
        fixes,
      });
    });
  },
});
