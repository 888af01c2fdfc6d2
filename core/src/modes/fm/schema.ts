/** JSON Schema parts of what a plan stores about FM. */
import { TONE_PATTERN } from '../../radio-math/tones';

type Schema = Record<string, unknown>;

interface Parts {
  exact: (properties: Record<string, Schema>) => Schema;
  nullOr: (schema: Schema) => Schema;
  width: Schema;
}

export function fmSchemas({ exact, nullOr, width }: Parts): Record<string, Schema> {
  const tone: Schema = { type: 'string', pattern: TONE_PATTERN };
  return {
    fmRadio: exact({ widthsHz: { type: 'array', maxItems: 2, items: width } }),
    fmSite: exact({ toneIn: nullOr(tone), toneOut: nullOr(tone), widthHz: width }),
    fmChannel: exact({ toneTx: nullOr(tone), toneRx: nullOr(tone), widthHz: width }),
  };
}
