import { valueCheck } from '../../../checks/value-check';
import { wantedRoom } from './walk';

export const roomNotConnected = valueCheck({
  id: 'room-not-connected',
  severity: 'broken',
  title: 'Nothing connects to the room',
  mode: 'c4fm',
  fact: 'connect',
  hops: ['gateway'],
  field: ['c4fm', 'room'],
  docs: {
    summary:
      'A channel is meant for a room, holds no number to call it by, and its hotspot does not connect there at start.',
    why: 'Your call stays at the site, or goes to whatever room is connected.',
    remedy: 'Set the room’s number in the channel, or let the hotspot connect there at start.',
    source: { kind: 'common practice', name: 'connect first, then talk' },
  },
  messages: {
    nothing: '{site} is connected to nothing, and the channel has no number; expected {expects}.',
    elsewhere: '{site} is connected to {has}, and the channel has no number; expected {expects}.',
  },
  only: 'broken',
  which: (_, { has }) => (has.is === 'connected' && has.to === null ? 'nothing' : 'elsewhere'),
  to: (_, fact) => wantedRoom(fact),
  press: 'Call {expects} from this channel',
});
