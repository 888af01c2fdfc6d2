/** How people read the pairs that only P25 has. */
import type { FactValue } from '../../path/types';
import { nacText } from './addresses';
import type { P25FactKey } from './types';

const text = (value: FactValue): string => (value === null ? 'none' : String(value));
const nac = (value: FactValue): string => (typeof value === 'number' ? nacText(value) : text(value));

export const P25_FACTS: Readonly<Record<P25FactKey, { name: string; read: (value: FactValue) => string }>> = {
  'unit-id': { name: 'unit ID', read: text },
  nac: { name: 'NAC', read: nac },
  'nac-value': { name: 'NAC', read: nac },
  'nac-heard': { name: 'opens on', read: nac },
  'p25-network': { name: 'reaches', read: text },
  'p25-link': { name: 'linked to', read: text },
  'p25-number': { name: 'group', read: text },
  'p25-group': { name: 'group', read: text },
};
