/** How P25 operators read a gateway, and an access code: in hex, with the decimal that some radios show. */
import { networkNames, text } from '../../path/fact-words';
import type { FactWords, ModeWords } from '../../path/mode-path';
import type { P25Facts } from '../../plan/modes/p25/types';
import type { Radio } from '../../plan/types';
import { nacText } from './addresses';
import { p25Network, whatIsAt } from './links';

const bothWays = (nac: number): string => `${nacText(nac)} (${nac})`;

const facts: { readonly [K in keyof P25Facts]: FactWords<K> } = {
  'unit-id': { name: 'unit ID', read: text },
  nac: { name: 'NAC', read: bothWays },
  'nac-value': { name: 'NAC', read: nacText, rule: () => 'a code of its own' },
  'nac-heard': { name: 'opens on', read: bothWays },
  'p25-network': { name: 'reaches', read: (ids, { index }) => networkNames(index.plan, ids) },
  'p25-link': { name: 'linked to', read: ({ is, to }) => (is === 'linked' ? String(to) : `${to}, once it is called`) },
  'p25-number': { name: 'group', read: text, rule: () => 'a group that can be called' },
  'p25-group': { name: 'group', read: text },
};

export const words: ModeWords<'p25'> = {
  facts,
  shown: {
    radio: ['unit-id'],
    site: ['nac', 'nac-heard'],
    gateway: ['p25-network', 'p25-link', 'p25-number'],
    network: ['p25-number'],
  },
  gateway: ({ site }) => (site?.p25 ? `${site.name} gateway` : 'no gateway'),
  network: () => 'no network',
  arrival({ plan }, site, arrival) {
    if (arrival.kind === 'local') return { address: 'local', short: 'local', name: `who hears ${site.name}` };
    const network = p25Network(plan, arrival.networkId);
    return {
      address: `group ${arrival.group}`,
      short: String(arrival.group),
      name: network ? whatIsAt(network, arrival.group) : null,
    };
  },
};

/** The unit that a radio calls as, or `no unit ID`; empty without P25. */
export function knownAs({ p25 }: Radio): string {
  if (!p25) return '';
  return p25.unitId === null ? 'no unit ID' : `unit ${p25.unitId}`;
}
