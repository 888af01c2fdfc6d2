/** What it takes to trace a channel of this mode and to show its fields: all that the checks need of it. */
import { MODE_DATA } from '../../plan/modes';
import { FM_WIDTHS_HZ } from '../../plan/modes/fm/limits';
import { fmOccupiedHz } from '../../units/emission';
import { NO_TONE, type SiteTone, toneWords } from '../../units/tones';
import { blankChannel, fields } from './channel';
import { route } from './links';
import { trace } from './trace';
import { words } from './words';
import type { TracedMode } from '../mode';

const [NARROWEST_HZ, WIDEST_HZ] = FM_WIDTHS_HZ;

const siteAccess = (tone: NonNullable<SiteTone>) => (tone === NO_TONE ? 'no tone' : `tone ${toneWords(tone)}`);

/** A mode without networks: it adds no steps to a run sheet, and nothing is called by number. */
export const traced: TracedMode<'fm'> = {
  id: 'fm',
  name: MODE_DATA.fm.name,
  widthHz: (values) => fmOccupiedHz(values?.fm.widthHz ?? WIDEST_HZ),
  // What is not said is unknown: nothing is found that would be right for a narrow one.
  siteWidthHz: (site) => fmOccupiedHz(site.fm?.widthHz ?? NARROWEST_HZ),
  isDirect: () => true,
  opensFor: ({ fm: { toneRx } }) => toneRx ?? '',
  access: ({ fm: block }) => (block && block.toneIn !== null ? siteAccess(block.toneIn) : null),
  saidAt: {
    tone: { path: ['fm', 'toneIn'], value: (has: SiteTone) => has ?? NO_TONE },
    'tone-heard': { path: ['fm', 'toneOut'], value: (has: SiteTone) => has ?? NO_TONE },
    width: { path: ['fm', 'widthHz'], value: (has) => has },
  },
  route,
  trace,
  words,
  fields,
  blankChannel,
  files: {},
};
