import { defineCheck } from '../../../checks/check';
import { channelPointer, channelSubject, set } from '../../../checks/walk';
import { eachDisagreement } from './walk';
import { networkIdOf } from '../../../plan/destination-key';
import { callFor, placeWords } from '../links';

export const numberDiffers = defineCheck({
  id: 'number-differs',
  severity: 'broken',
  title: 'The call goes to another number than its destination',
  fact: 'number',
  docs: {
    summary: 'A channel calls another number than the destination it is meant to reach.',
    why: 'Your voice comes out somewhere else, and the ones you mean hear nothing.',
    remedy: 'Set the channel to the destination’s number, or link it to the destination it really calls.',
  },
  messages: {
    elsewhere: 'The channel calls {has}; {wanted} is {expects} on this radio. The call goes to {where} instead.',
    nowhere: 'The channel calls {has}; {wanted} is {expects} on this radio. The call stops at the site.',
  },
  fixes: { set: 'Set the channel to {expects}' },
  check(index, report) {
    eachDisagreement(index, 'number', 'network', (context, fact) => {
      const pointer = channelPointer(context, 'dmr', 'call', 'number');
      const { arrives, index: of, channel } = context;
      const destination = channel.destination!;
      const wanted = callFor(of.plan, destination)!;
      const data = {
        has: Number(fact.has),
        expects: Number(fact.expects),
        wanted: `${of.plan.networks.byId[networkIdOf(destination)!]!.name} ${wanted.number}, ${wanted.name},`,
        where: arrives ? placeWords(of.plan, arrives) : '',
      };
      report({ message: arrives ? 'elsewhere' : 'nowhere', data, pointer, subject: channelSubject(context), fixes: [{ id: 'set', patches: [set(pointer, fact.expects)] }] });
    });
  },
});
