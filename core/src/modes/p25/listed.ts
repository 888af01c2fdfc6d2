/** What a list of sites says of P25: the network access code, and the networks that are reached. */
import { reachedOf } from '../../lists/as-repeater';
import { shareOf } from '../../lists/columns';
import type { ModeListed } from '../../lists/mode-listed';
import { networkNames } from '../../path/fact-words';
import { nacWords, readNac } from './addresses';

export const listed: ModeListed<'p25'> = {
  heading: /^p-?25$/i,
  named: /\bP-?25\b/i,
  columns: {
    nac: { heading: /^nac$|access code/i, content: (cells) => shareOf(cells, (cell) => /^[0-9a-f]{3}$/i.test(cell)) },
  },
  read(row) {
    const text = row.cell('nac').toUpperCase();
    if (text === '' || text === '-') return { nac: null };
    return { nac: /^[0-9A-F]{3}$/.test(text) ? text : row.doubt('nac', 'three hex digits, such as 293') };
  },
  asSite: (plan, { nac, networks }) => ({
    nac: nac === null ? null : readNac(nac),
    networkIds: reachedOf(plan, 'p25', networks),
  }),
  // What the list does not say stays as the plan has it.
  refresh: (fresh, there, { nac }) => ({
    nac: nac === null && there ? there.nac : fresh.nac,
    networkIds: fresh.networkIds.length > 0 ? fresh.networkIds : (there?.networkIds ?? []),
  }),
  words: (plan, block) => ({
    NAC: block ? nacWords(block.nac) : 'no P25',
    'P25 networks': block && block.networkIds.length > 0 ? networkNames(plan, block.networkIds) : 'not said',
  }),
};
