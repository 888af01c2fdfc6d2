import { type ModeFirst, nameOr } from '../../builder/mode-first';
import { MODE_DATA } from '../../plan/modes';
import { parseMHz } from '../../units/quantities';
import { NO_TONE, readTone } from '../../units/tones';

export const first: ModeFirst = {
  through: 'repeater',
  id: null,
  exampleMHz: '145.7000',
  questions: [
    { key: 'shift', label: 'Its shift', example: '-0.6', hint: 'In MHz, with its sign.' },
    { key: 'tone', label: 'The tone that opens it', example: '110.9', hint: 'Empty for none.', optional: true },
    { key: 'name', label: 'What it is called', example: 'Hask Head', optional: true },
  ],
  furnish(draft, { siteId }, answers) {
    const site = draft.sites.byId[siteId]!;
    const shift = parseMHz(answers['shift'] ?? '');
    if (shift === null || site.txHz + shift <= 0)
      return { key: 'shift', problem: `Found “${answers['shift'] ?? ''}”, expected a shift in MHz, such as -0.6.` };
    const typed = (answers['tone'] ?? '').trim();
    const tone = typed === '' ? NO_TONE : readTone(typed);
    if (tone === undefined)
      return { key: 'tone', problem: `Found “${typed}”, expected a tone such as 110.9, or D023N.` };
    site.name = nameOr(answers['name'], site.name);
    site.rxHz = site.txHz + shift;
    site.fm = { ...MODE_DATA.fm.blanks.site(draft, site), toneIn: tone };
    return { mode: 'fm', kind: 'local' };
  },
};
