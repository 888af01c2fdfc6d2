/** What a list of sites says of P25: the network access code, and the networks that are reached. */
import { reachedOf } from '../../lists/as-repeater';
import { isUnsaid } from '../../lists/cells';
import { shareOf } from '../../lists/columns';
import type { ModeListed } from '../../lists/mode-listed';
import { networkNames } from '../../path/fact-words';
import { nacWords, readNac } from './addresses';

/** `293`, `$293`, `0x293`, `293h`, `NAC: 293` → `293`; `null` for what is no code. */
function codeOf(text: string): string | null {
  return /^(?:NAC\s*[:=]?\s*)?(?:\$|0?X|#)?([0-9A-F]{3})H?$/.exec(text.trim().toUpperCase())?.[1] ?? null;
}

export const listed: ModeListed<'p25'> = {
  heading: /^p-?25$/i,
  named: /\bP-?25\b/i,
  columns: {
    nac: {
      heading: /\bnac\b|access code/i,
      certain: /^(p-?25\W?)?nac( \(?hex\)?)?$|^network access code$/i,
      content: (cells) => shareOf(cells, (cell) => isUnsaid(cell) || codeOf(cell) !== null),
    },
  },
  read(row) {
    const text = row.cell('nac');
    return { nac: isUnsaid(text) ? null : (codeOf(text) ?? row.doubt('nac', 'three hex digits, such as 293')) };
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
