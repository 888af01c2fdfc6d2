import { crossWords } from '../path/cross-mode';
import { crossPairs } from '../plan/carriage';
import { profilePointer, switchPatch } from '../plan/profiles';
import type { Carriage, Id } from '../plan/types';
import type { PlanIndex } from '../path/types';
import { defineCheck } from './check';
import { channelSubject, eachDisagreement, set } from './walk';

/** Whether some channel through a hotspot is carried by a cross-mode pair. */
function isUsed(index: PlanIndex, siteId: Id, { air, network }: Carriage): boolean {
  return index
    .paths()
    .some(
      ({ context: { site, crossing } }) =>
        site?.id === siteId && crossing?.pair.air === air && crossing.pair.network === network,
    );
}

export const ownNetworksNotReached = defineCheck({
  id: 'own-networks-not-reached',
  severity: 'broken',
  title: 'Cross-mode takes the mode away from its own networks',
  fact: 'own-networks',
  docs: {
    summary:
      'A channel is meant for a network of its own mode, and its hotspot sends all calls of that mode to another mode’s network now.',
    why: 'The call never reaches the network that is meant, although every code and number is right.',
    remedy:
      'Switch cross-mode off while you use the mode’s own networks. If your hotspot serves both at once, say so under Hotspots, Cross-mode.',
    source: { kind: 'common practice', name: 'hotspots differ in what a cross-mode gateway does to its own mode' },
  },
  messages: { away: 'While {words} is on, {site} does not send {mode} calls to {mode} networks.' },
  fixes: { off: 'Switch {words} off in {site}', both: '{site} serves both at once' },
  check(index, report) {
    eachDisagreement(index, 'own-networks', 'gateway', (context) => {
      const { channel, profile } = context;
      const site = context.site!;
      const on = crossPairs(profile!).filter((pair) => pair.air === channel.mode && pair.on);
      const data = {
        words: on.map((pair) => crossWords(index.modes, pair)).join(' and '),
        site: site.name,
        mode: index.modes[channel.mode].name,
      };
      const patches = on.map((pair) => switchPatch(index.plan, site.id, pair, false));
      report({
        message: 'away',
        data,
        pointer: profilePointer(index.plan, site.id, 'ownWhileCrossing'),
        subject: channelSubject(context),
        fixes: [
          // Switched off only where no channel crosses by it.
          ...(on.some((pair) => isUsed(index, site.id, pair)) ? [] : [{ id: 'off' as const, patches }]),
          { id: 'both', patches: [set(profilePointer(index.plan, site.id, 'ownWhileCrossing'), true)] },
        ],
      });
    });
  },
});
