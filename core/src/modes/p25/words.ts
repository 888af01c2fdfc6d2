/** How P25 operators read a gateway, and an access code: in hex, with the decimal that some radios show. */
import type { ModeWords } from '../mode';
import { nacText } from './addresses';

export const words: ModeWords<'p25'> = {
  shown: { radio: ['unit-id'], site: ['nac', 'nac-heard'], gateway: ['p25-network', 'p25-link', 'p25-number'], network: ['p25-number'] },
  gateway: ({ site }) => (site?.p25 ? `${site.name} gateway` : 'no gateway'),
  network: () => 'no network',
  read: (key, value) => ((key === 'nac' || key === 'nac-heard') && typeof value === 'number' ? `${nacText(value)} (${value})` : null),
};
