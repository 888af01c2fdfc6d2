/** What a list of sites says of FM: the tone that opens the site, the one it sends, and its width. */
import { shareOf } from '../../lists/columns';
import type { ModeListed } from '../../lists/mode-listed';
import type { CellReader, ListedSite } from '../../lists/types';
import { readNumber } from '../../lists/numbers';
import { nearestCtcssHz, readTone, type SiteTone, siteToneWords } from '../../units/tones';
import { readWidth } from './width';

/** A tone, or a doubt that says which was probably meant. */
function tone(row: CellReader, field: 'tone' | 'toneOut', text: string): SiteTone {
  const found = readTone(text);
  if (found !== undefined) return found;
  const hz = readNumber(text.replace(/[^\d.,]/g, ''));
  return row.doubt(
    field,
    hz !== null && hz > 60 && hz < 260
      ? `a tone of the table, such as ${nearestCtcssHz(hz).toFixed(1)}`
      : 'a CTCSS tone or a DCS code',
  );
}

/** Sent and heard in one cell: `88.5/100.0`. */
function tones(row: CellReader): Pick<ListedSite, 'tone' | 'toneOut'> {
  const parts = row.cell('tone').split(/\s*[/|;]\s*/);
  const out = row.cell('toneOut');
  if (parts.length === 2 && out === '' && parts.every((part) => readTone(part) !== undefined))
    return { tone: readTone(parts[0]!)!, toneOut: readTone(parts[1]!)! };
  return { tone: tone(row, 'tone', row.cell('tone')), toneOut: tone(row, 'toneOut', out) };
}

function width(row: CellReader): ListedSite['widthHz'] {
  const text = row.cell('width');
  return readWidth(text) ?? (/^(|-+|\?)$/.test(text) ? null : row.doubt('width', '12.5 or 25 kHz'));
}

/** Of the cells that say something, those that say a tone. */
const tonesIn = (cells: readonly string[]) =>
  shareOf(
    cells.filter((cell) => readTone(cell) !== null),
    (cell) => readTone(cell) !== undefined,
  );

export const listed: ModeListed<'fm'> = {
  heading: /^(n?fm|analogu?e?)$/i,
  named: /\b(N?FM|ANALOGU?E?)\b/i,
  columns: {
    toneOut: {
      heading:
        /(tone|ctcss|dcs|pl|squelch).*(out|tx|sen[dt]|down|decode|heard)|^decode|(out(put)?|tx|down|rpt sends?) ?(tone|ctcss|dcs|pl)/i,
      content: tonesIn,
    },
    tone: {
      heading: /tone|ctcss|dcs|^d?pl$|squelch|^burst|^encode/i,
      certain: /^(ctcss|dcs|(access )?tone)$/i,
      content: tonesIn,
      byContentAlone: 0.75,
    },
    width: {
      heading: /width|spacing|bandw/i,
      content: (cells) => shareOf(cells, (cell) => readWidth(cell) !== null),
    },
  },
  read: (row) => ({ ...tones(row), widthHz: width(row) }),
  implied: ({ tone: opens = null }) => opens !== null,
  asSite: (_plan, { tone: toneIn, toneOut, widthHz }) => ({ toneIn, toneOut, widthHz }),
  // What the list does not say stays as the plan has it.
  refresh: (fresh, there) => ({
    toneIn: fresh.toneIn ?? there?.toneIn ?? null,
    toneOut: fresh.toneOut ?? there?.toneOut ?? null,
    widthHz: fresh.widthHz ?? there?.widthHz ?? null,
  }),
  words: (_plan, block) => ({
    tone: block ? siteToneWords(block.toneIn) : 'no FM',
    'tone sent': block ? siteToneWords(block.toneOut) : 'no FM',
  }),
};
