/** What a list of sites says of FM: the tone that opens the site. */
import { readNumber } from '../../lists/cells';
import { shareOf } from '../../lists/columns';
import type { ModeListed } from '../../lists/mode-listed';
import type { CellReader } from '../../lists/types';
import { nearestCtcssHz, NO_TONE, parseTone, type Tone, toneText, toneWords } from '../../units/tones';

function tone(row: CellReader): Tone {
  const found = parseTone(row.cell('tone'));
  if (found) return found;
  const hz = readNumber(row.cell('tone').replace(/\s*hz$/i, ''));
  row.doubt(
    'tone',
    hz !== null && hz > 60 && hz < 260
      ? `a tone of the table, such as ${nearestCtcssHz(hz).toFixed(1)}`
      : 'a CTCSS tone or a DCS code',
  );
  return NO_TONE;
}

export const listed: ModeListed<'fm'> = {
  heading: /^(fm|analogu?e?)$/i,
  named: /\b(FM|ANALOGU?E?|NFM)\b/i,
  columns: {
    tone: {
      heading: /tone|ctcss|dcs|^pl$|squelch/i,
      content: (cells) => shareOf(cells, (cell) => parseTone(cell) !== null),
      byContentAlone: 0.75,
    },
  },
  read: tone,
  implied: ({ ctcssHz = null, dcs = null }) => ctcssHz !== null || dcs !== null,
  asSite: ({ station }, site) => ({ toneIn: toneText(site), toneOut: null, widthHz: station.fmWidthHz }),
  refresh: (fresh, there) => ({ ...fresh, toneOut: there?.toneOut ?? null, widthHz: there?.widthHz ?? fresh.widthHz }),
  words: (_plan, block) => ({ tone: block ? toneWords(block.toneIn) : 'no FM' }),
};
