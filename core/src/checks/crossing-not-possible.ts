import { modeOf } from '../modes/registry';
import { crossingWords, sidesOf } from '../path/crossing';
import { defineCheck } from './check';
import { channelPointer, channelSubject, eachDisagreement } from './walk';

export const crossingNotPossible = defineCheck({
  id: 'crossing-not-possible',
  severity: 'broken',
  title: 'The site cannot turn this mode into that one',
  fact: 'crossing',
  docs: {
    summary: 'A channel’s destination is on a network of another mode, and its site cannot turn the one into the other.',
    why: 'The site hears you and has nowhere to send the call.',
    remedy: 'Use a radio of the network’s mode, a hotspot that can cross, or a group that can be entered on this radio.',
    source: { kind: 'common practice', name: 'cross-mode by capability of the hotspot' },
  },
  messages: { unable: '{name} is on a {network} network; {site} cannot turn {words}.', number: '{name} cannot be had across: its number cannot be entered in {air}.' },
  fixes: {},
  check(index, report) {
    eachDisagreement(index, 'crossing', 'gateway', (context) => {
      const { id, name, digits } = context.crossing!;
      const { air, network } = sidesOf(id);
      const able = context.site!.kind === 'hotspot' && context.site!.crossings.includes(id);
      const data = { name, site: context.site!.name, words: crossingWords(id), air: modeOf(air).name, network: modeOf(network).name };
      report({ message: able && digits === null ? 'number' : 'unable', data, pointer: channelPointer(context, 'destination'), subject: channelSubject(context) });
    });
  },
});
