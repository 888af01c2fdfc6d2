import { crossWords } from '../path/cross-mode';
import { pairOf } from '../plan/carriage';
import { defineCheck } from './check';
import { channelPointer, channelSubject, eachDisagreement } from './walk';

export const crossingNotPossible = defineCheck({
  id: 'crossing-not-possible',
  severity: 'broken',
  title: 'The site cannot turn this mode into that one',
  fact: 'crossing',
  docs: {
    summary:
      'A channel’s destination is on a network of another mode, and its site cannot turn the one into the other.',
    why: 'The site hears you and has nowhere to send the call.',
    remedy:
      'Use a radio of the network’s mode, a hotspot that can cross, or a group that can be entered on this radio.',
    source: { kind: 'common practice', name: 'cross-mode by capability of the hotspot' },
  },
  messages: {
    unable: '{name} is on a {network} network; {site} cannot turn {words}.',
    number: '{name} cannot be reached cross-mode: its number cannot be entered in {air}.',
  },
  fixes: {},
  check(index, report) {
    eachDisagreement(index, 'crossing', 'gateway', (context) => {
      const { pair, name, digits } = context.crossing!;
      const { air, network } = pair;
      const able = context.profile !== null && pairOf(context.profile, air, network).able;
      const data = {
        name,
        site: context.site!.name,
        words: crossWords(index.modes, pair),
        air: index.modes[air].name,
        network: index.modes[network].name,
      };
      const message = able && digits === null ? 'number' : 'unable';
      report({ message, data, pointer: channelPointer(context, 'destination'), subject: channelSubject(context) });
    });
  },
});
