import { defineCheck } from './check';
import { channelPointer, channelSubject, eachDisagreement } from './walk';

export const modeNotInRadio = defineCheck({
  id: 'mode-not-in-radio',
  severity: 'broken',
  title: 'The radio does not speak the channel’s mode',
  fact: 'mode-in-radio',
  docs: {
    summary: 'A channel is in a mode that its radio does not have.',
    why: 'The radio cannot store or send such a channel.',
    remedy: 'Switch the mode on under Radios if the radio has it, or take the channel out.',
  },
  messages: { differs: 'The channel is {mode}; {radio} has no {mode}.' },
  fixes: {},
  check(index, report) {
    eachDisagreement(index, 'mode-in-radio', 'radio', (context) => {
      const data = { mode: index.modes[context.channel.mode].name, radio: context.radio.name };
      report({ message: 'differs', data, pointer: channelPointer(context, 'mode'), subject: channelSubject(context) });
    });
  },
});
