import { defineCheck } from './check';
import { channelPointer, channelSubject, eachDisagreement, set } from './walk';

export const crossingNumberDiffers = defineCheck({
  id: 'crossing-number-differs',
  severity: 'broken',
  title: 'A cross-mode call asks for another number than its destination',
  fact: 'crossing-number',
  docs: {
    summary: 'A channel whose calls are carried to another mode asks for another number than that of its destination.',
    why: 'Your voice comes out somewhere else, or nowhere.',
    remedy: 'Enter the destination’s number.',
    source: { kind: 'common practice', name: 'the number that is entered is the number on the network' },
  },
  messages: { differs: 'The channel asks for {has}; {name} is {expects}.' },
  fixes: { set: 'Set it to {expects}' },
  check(index, report) {
    eachDisagreement(index, 'crossing-number', 'network', (context, fact) => {
      const { channel, crossing } = context;
      const { ask, askPatches } = index.modes[channel.mode].cross!;
      const pointer = channelPointer(context, channel.mode);
      // What holds the number is set; the rest of the channel stays as it is.
      const alone = () => {
        const mended = structuredClone(channel);
        ask(mended, crossing!.digits!);
        return [set(pointer, (mended as unknown as Record<string, unknown>)[channel.mode])];
      };
      const data = { has: fact.has ?? 'nothing', name: crossing!.name, expects: crossing!.digits! };
      report({
        message: 'differs',
        data,
        pointer,
        subject: channelSubject(context),
        fixes: [{ id: 'set', patches: askPatches?.(context, crossing!.digits!) ?? alone() }],
      });
    });
  },
});
