/** JSON Schema parts of what a plan stores about FM. */
import { exact, type ModeSchemas, nullOr, type Schema } from '../../schema-parts';
import { NO_TONE, TONE_PATTERN } from '../../../units/tones';
import { FM_WIDTHS_HZ } from './limits';

const width: Schema = { enum: FM_WIDTHS_HZ };
const siteTone = nullOr({ type: 'string', pattern: `${TONE_PATTERN}|^${NO_TONE}$` });
const tone = nullOr({ type: 'string', pattern: TONE_PATTERN });

export const schemas: ModeSchemas = {
  radio: exact({ widthsHz: { type: 'array', maxItems: 2, items: width } }),
  site: exact({ toneIn: siteTone, toneOut: siteTone, widthHz: nullOr(width) }),
  channel: exact({ toneTx: tone, toneRx: tone, widthHz: width }),
  network: null,
  profile: null,
  codeplug: exact({}),
  shared: exact({}),
  destinations: [{ kind: { const: 'local' } }],
  defs: {},
};
