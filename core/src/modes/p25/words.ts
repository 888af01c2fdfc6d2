/** How P25 operators read a gateway. */
import type { ModeWords } from '../mode';

export const words: ModeWords<'p25'> = {
  shown: { radio: ['unit-id'], site: ['nac', 'nac-heard'], gateway: ['p25-network', 'p25-link', 'p25-number'], network: ['p25-number'] },
  gateway: ({ site }) => (site?.p25 ? `${site.name} gateway` : 'no gateway'),
  network: () => 'no network',
  read: () => null,
};
