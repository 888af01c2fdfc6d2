/** JSON Schema parts of what a plan stores about FM. */
import { exact, nullOr, type Schema } from '../../plan/schema-parts';
import { TONE_PATTERN } from '../../radio-math/tones';
import { FM_WIDTHS_HZ } from './limits';

export function fmSchemas(): Record<string, Schema> {
  const width: Schema = { enum: FM_WIDTHS_HZ };
  const tone: Schema = { type: 'string', pattern: TONE_PATTERN };
  return {
    fmRadio: exact({ widthsHz: { type: 'array', maxItems: 2, items: width } }),
    fmSite: exact({ toneIn: nullOr(tone), toneOut: nullOr(tone), widthHz: width }),
    fmChannel: exact({ toneTx: nullOr(tone), toneRx: nullOr(tone), widthHz: width }),
  };
}
