import { MODE_DATA } from '../../plan/modes';
import { FM_WIDTHS_HZ } from '../../plan/modes/fm/limits';
import type { Mode } from '../mode';
import { fmOccupiedHz } from '../../units/emission';
import { NO_TONE, type SiteTone, toneWords } from '../../units/tones';
import { build } from './build';
import { blankChannel, fields } from './channel';
import { LOCAL, offer, route } from './links';
import { listed } from './listed';
import { trace } from './trace';
import { words } from './words';

const [NARROWEST_HZ, WIDEST_HZ] = FM_WIDTHS_HZ;

const siteAccess = (tone: NonNullable<SiteTone>) => (tone === NO_TONE ? 'no tone' : `tone ${toneWords(tone)}`);

/** A mode without networks: it adds no steps to a run sheet, and nothing is called by number. */
export const fm: Mode<'fm'> = {
  id: 'fm',
  name: MODE_DATA.fm.name,
  widthHz: (values) => fmOccupiedHz(values?.fm.widthHz ?? WIDEST_HZ),
  // What is not said is unknown: nothing is found that would be right for a narrow one.
  siteWidthHz: (site) => fmOccupiedHz(site.fm?.widthHz ?? NARROWEST_HZ),
  isDirect: () => true,
  access: ({ fm: block }) => (block && block.toneIn !== null ? siteAccess(block.toneIn) : null),
  saidAt: {
    tone: { path: ['fm', 'toneIn'], value: (has: SiteTone) => has ?? NO_TONE },
    'tone-heard': { path: ['fm', 'toneOut'], value: (has: SiteTone) => has ?? NO_TONE },
    width: { path: ['fm', 'widthHz'], value: (has) => has },
  },
  withoutNetwork: () => [LOCAL],
  route,
  trace,
  words,
  fields,
  blankChannel,
  files: {},
  destinations: () => [],
  offer,
  knownAs: () => '',
  build,
  runSheet: { hotspot: () => [], radio: () => [], steps: () => [] },
  card: () => [],
  listed,
};
