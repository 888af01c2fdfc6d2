import { reachCheck } from '../../../checks/reach-check';

export const roomReachUnsaid = reachCheck({
  id: 'room-reach-unsaid',
  title: 'Nobody has said which rooms the site reaches',
  mode: 'c4fm',
  fact: 'room-network',
  docs: {
    summary: 'A channel is meant for a room, and the plan does not say which networks of rooms its site reaches.',
    why: 'A room of a network that is not reached is never found.',
    remedy: 'Say at the site which networks it reaches; its keeper knows.',
    source: { kind: 'common practice', name: 'room network reach is a property of the site' },
  },
});
