import { valueCheck } from '../../../checks/value-check';
import { wantedRoom } from './walk';

export const roomConnectionUnsaid = valueCheck({
  id: 'room-connection-unsaid',
  severity: 'note',
  title: 'Nobody has said what the repeater is connected to',
  mode: 'c4fm',
  fact: 'connect',
  hops: ['gateway'],
  field: ['c4fm', 'room'],
  docs: {
    summary: 'A channel is meant for a room through a repeater, and holds no number to call it by.',
    why: 'You talk in whatever room somebody has connected.',
    remedy: 'Set the room’s number in the channel and call it; look first whether others are using the repeater.',
    source: { kind: 'common practice', name: 'connect first, then talk' },
  },
  messages: {
    unsaid: 'Nobody has said what {site} is connected to, and the channel has no number; expected {expects}.',
  },
  only: 'noted',
  to: (_, fact) => wantedRoom(fact),
  press: 'Call {expects} from this channel',
});
