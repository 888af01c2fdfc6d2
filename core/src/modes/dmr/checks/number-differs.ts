import { recallPatches } from '../recall';
import { valueCheck } from '../../../checks/value-check';
import { networkIdOf, networkName } from '../../../plan/networks';
import { callFor, placeWords } from '../links';

export const numberDiffers = valueCheck({
  id: 'number-differs',
  severity: 'broken',
  title: 'The call goes to another number than its destination',
  mode: 'dmr',
  fact: 'number',
  hops: ['network', 'site'],
  field: ['dmr', 'call', 'number'],
  docs: {
    summary: 'A channel calls another number than the destination it is meant to reach.',
    why: 'Your voice comes out somewhere else, and the ones you mean hear nothing.',
    remedy: 'Set the channel to the destination’s number, or link it to the destination it really calls.',
  },
  messages: {
    elsewhere: 'The channel calls {has}; {wanted} is {expects} on this radio. The call goes to {where} instead.',
    nowhere: 'The channel calls {has}; {wanted} is {expects} on this radio. The call stops at the site.',
    local: 'The channel calls {has}; to whoever hears the repeater it is {expects}.',
  },
  which: ({ arrives, channel }) =>
    channel.destination?.kind === 'local' ? 'local' : arrives ? 'elsewhere' : 'nowhere',
  data({ arrives, index, channel }, { has, expects }) {
    const wanted = callFor(index.plan, channel.destination!)!;
    return {
      has: Number(has),
      expects: Number(expects),
      wanted: `${networkName(index.plan, networkIdOf(channel.destination))} ${wanted.number}, ${wanted.name},`,
      where: arrives ? placeWords(index, arrives) : '',
    };
  },
  patches: (context, { expects }) => recallPatches(context, { ...context.channel.dmr.call, number: Number(expects) }),
  press: 'Set the channel to {expects}',
});
