import { crossWords } from '../path/cross-mode';
import { gapWords } from '../path/fact-words';
import { networkName } from '../plan/networks';
import { profilePointer } from '../plan/profiles';
import { defineCheck } from './check';
import { channelSubject, eachDisagreement } from './walk';

export const crossingNotReady = defineCheck({
  id: 'crossing-not-ready',
  severity: 'broken',
  title: 'The network side of a cross-mode call is incomplete',
  fact: 'crossing-ready',
  docs: {
    summary: 'A hotspot turns calls into another mode, and lacks what that mode’s network asks for.',
    why: 'The network side needs what it always needs: for DMR a login with your DMR ID, whatever mode is on the air.',
    remedy: 'Complete the network side under Hotspots and Station.',
    source: { kind: 'common practice', name: 'cross-mode to DMR needs the DMR ID as well' },
  },
  messages: { lacks: '{words} at {site}: {network} lacks {has}.' },
  fixes: {},
  check(index, report) {
    eachDisagreement(index, 'crossing-ready', 'gateway', (context, fact) => {
      const { pair, networkId } = context.crossing!;
      const site = context.site!;
      const data = {
        words: crossWords(index.modes, pair),
        site: site.name,
        network: networkName(index.plan, networkId),
        has: gapWords(fact.has),
      };
      report({
        message: 'lacks',
        data,
        pointer: profilePointer(index.plan, site.id, pair.network),
        subject: channelSubject(context),
      });
    });
  },
});
