import { rows } from '../plan/table';
import { highestOf, lowestOf, stepNamesOf, stepOf } from '../plan/power';
import { defineCheck } from './check';
import { eachCodeplug, set } from './walk';

const ENDS = [
  ['least', lowestOf],
  ['most', highestOf],
] as const;

export const powerNotOffered = defineCheck({
  id: 'power-not-offered',
  severity: 'doubtful',
  title: 'Power that the radio cannot be set to',
  docs: {
    summary: 'A channel names a step of power that its radio has not.',
    why: 'The radio keeps some other power, perhaps the most that it has, beside a hotspot too.',
    remedy: 'Choose one of its steps, or name the steps that it has under Radios.',
  },
  messages: { step: '{channel} is set to power “{has}”; {radio} has {expects}.' },
  fixes: { least: 'Set its least power', most: 'Set its most power' },
  check(index, report) {
    eachCodeplug(index.plan, (radio, codeplug, pointer) => {
      // Nobody has said what the radio has.
      if (radio.power.length === 0) return;
      for (const { id, name, power } of rows(codeplug.channels)) {
        if (stepOf(radio, power)) continue;
        const at = `${pointer}/channels/byId/${id}/power`;
        report({
          message: 'step',
          data: { channel: name, has: power, radio: radio.name, expects: stepNamesOf(radio).join(', ') },
          pointer: at,
          subject: { radioId: radio.id, channelId: id },
          fixes: ENDS.slice(0, radio.power.length).map(([id, end]) => ({ id, patches: [set(at, end(radio))] })),
        });
      }
    });
  },
});
