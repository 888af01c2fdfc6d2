import { reachCheck } from '../../../checks/reach-check';

export const p25ReachUnsaid = reachCheck({
  id: 'p25-reach-unsaid',
  title: 'Nobody has said which P25 network the site reaches',
  mode: 'p25',
  fact: 'p25-network',
  docs: {
    summary: 'A channel is meant for a P25 group, and the plan does not say which networks its site reaches.',
    why: 'A group of a network that is not reached is never heard.',
    remedy: 'Say at the site which networks it reaches; its keeper knows.',
    source: { kind: 'common practice', name: 'which network a site reaches is a property of the site' },
  },
});
