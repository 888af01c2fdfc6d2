import { rows } from '../plan/table';
import { defineCheck } from './check';
import { eachCodeplug } from './walk';

export const optionNotOffered = defineCheck({
  id: 'option-not-offered',
  severity: 'doubtful',
  title: 'Option that the radio has not',
  docs: {
    summary: 'A channel sets one of the radio’s own options to what its description does not offer.',
    why: 'The radio keeps what it had, and the channel behaves otherwise than planned.',
    remedy: 'Set what the radio offers, or correct the radio’s description from its manual.',
  },
  messages: {
    value: '{channel} sets “{option}” to “{has}”; {radio} offers {expects}.',
    option: '{channel} sets “{option}”; {radio} has {expects}.',
  },
  fixes: {},
  check(index, report) {
    eachCodeplug(index.plan, (radio, codeplug, pointer) => {
      // Nobody has said what the radio offers.
      if (radio.options.length === 0) return;
      const offered = new Map(radio.options.map(({ name, values }) => [name, values]));
      for (const channel of rows(codeplug.channels))
        for (const [option, has] of Object.entries(channel.options)) {
          const values = offered.get(option);
          if (values?.includes(has)) continue;
          report({
            message: values ? 'value' : 'option',
            data: {
              channel: channel.name,
              option,
              has,
              radio: radio.name,
              expects: (values ?? [...offered.keys()]).join(', '),
            },
            pointer: `${pointer}/channels/byId/${channel.id}/options`,
            subject: { radioId: radio.id, channelId: channel.id },
            fixes: [],
          });
        }
    });
  },
});
