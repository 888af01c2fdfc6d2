import { crossingWords } from '../path/crossing';
import { toPointer } from '../plan/patches';
import { defineCheck } from './check';
import { channelSubject, eachDisagreement } from './walk';

export const crossingNotReady = defineCheck({
  id: 'crossing-not-ready',
  severity: 'broken',
  title: 'The network side of a crossing is incomplete',
  fact: 'crossing-ready',
  docs: {
    summary: 'A hotspot turns calls into another mode, and lacks what that mode’s network asks for.',
    why: 'The network side needs what it always needs: for DMR a login with your DMR ID, whatever mode is on the air.',
    remedy: 'Complete the network side under Hotspots and Station.',
    source: { kind: 'common practice', name: 'crossing to DMR needs the DMR ID as well' },
  },
  messages: { lacks: '{words} at {site}: {network} lacks {has}.' },
  fixes: {},
  check(index, report) {
    eachDisagreement(index, 'crossing-ready', 'gateway', (context, fact) => {
      const { id, networkId } = context.crossing!;
      const data = { words: crossingWords(id), site: context.site!.name, network: index.plan.networks.byId[networkId]!.name, has: String(fact.has) };
      report({ message: 'lacks', data, pointer: toPointer(['profiles', context.site!.id]), subject: channelSubject(context) });
    });
  },
});
