import { defineCheck } from '../../../checks/check';
import { eachCodeplug, set } from '../../../checks/walk';
import { ADMIT_WORDS, dmrChannels } from '../channel';
import { mostCareful } from '../trace';

export const admitNotOffered = defineCheck({
  id: 'admit-not-offered',
  severity: 'broken',
  title: 'Admit criterion that the radio has not',
  docs: {
    summary: 'A channel waits for something that its radio cannot wait for.',
    why: 'The radio’s program refuses the channel or puts something else in its place.',
    remedy: 'Use one of those that the radio has, or correct the radio’s description from its manual.',
  },
  messages: { none: '{channel} admits “{has}”; {radio} offers {expects}.' },
  fixes: { set: 'Set it to “{to}”' },
  check(index, report) {
    eachCodeplug(index.plan, (radio, codeplug, pointer) => {
      const admits = radio.dmr?.admits ?? null;
      if (admits === null) return;
      for (const { id, name, dmr } of dmrChannels(codeplug)) {
        if (admits.includes(dmr.admit)) continue;
        const to = mostCareful(admits);
        const at = `${pointer}/channels/byId/${id}/dmr/admit`;
        report({
          message: 'none',
          data: {
            channel: name,
            has: ADMIT_WORDS[dmr.admit],
            radio: radio.name,
            expects: admits.map((one) => ADMIT_WORDS[one]).join(', '),
            to: ADMIT_WORDS[to],
          },
          pointer: at,
          subject: { radioId: radio.id, channelId: id },
          fixes: [{ id: 'set', patches: [set(at, to)] }],
        });
      }
    });
  },
});
