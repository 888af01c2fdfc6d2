import type { PathContext, TracedPath } from '../path/types';
import { highestOf, lowestOf, stepNamesOf, stepOf } from '../plan/power';
import { defineCheck } from './check';
import { channelPointer, set } from './walk';

/** The path of a channel that names no step of its radio; nothing where nobody has said what the radio has. */
const withoutStep = ({ context }: TracedPath): PathContext | null =>
  context.radio.power.length === 0 || stepOf(context.radio, context.channel.power) ? null : context;

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
    for (const context of index.ofPaths(withoutStep)) {
      if (!context) continue;
      const { radio, channel } = context;
      const pointer = channelPointer(context, 'power');
      report({
        message: 'step',
        data: { channel: channel.name, has: channel.power, radio: radio.name, expects: stepNamesOf(radio).join(', ') },
        pointer,
        subject: { radioId: radio.id, channelId: channel.id },
        fixes: ENDS.slice(0, radio.power.length).map(([id, end]) => ({ id, patches: [set(pointer, end(radio))] })),
      });
    }
  },
});
