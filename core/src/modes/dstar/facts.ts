/** How people read the pairs that only D-STAR has. */
import type { FactValue } from '../../path/types';
import type { DstarFactKey } from './types';
import { fieldText } from './addresses';

const text = (value: FactValue): string => (value === null ? 'none' : String(value));
const field = (value: FactValue): string => (value === null ? 'none' : fieldText(String(value)));

export const DSTAR_FACTS: Readonly<Record<DstarFactKey, { name: string; read: (value: FactValue) => string }>> = {
  my: { name: 'MY', read: field },
  'my-suffix': { name: 'MY suffix', read: text },
  ur: { name: 'UR', read: field },
  rpt1: { name: 'RPT1', read: field },
  rpt2: { name: 'RPT2', read: field },
  duplex: { name: 'set to', read: text },
  direct: { name: 'connection', read: text },
  'module-band': { name: 'module', read: text },
  family: { name: 'reaches', read: text },
  link: { name: 'linked to', read: text },
  reflector: { name: 'reflector', read: text },
};
