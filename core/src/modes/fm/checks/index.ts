import type { Check } from '../../../checks/check';
import { bandwidthDiffers } from './bandwidth-differs';
import { bandwidthNotInRadio } from './bandwidth-not-in-radio';
import { bandwidthNotOfCountry } from './bandwidth-not-of-country';
import { toneDiffers } from './tone-differs';
import { toneHeardDiffers } from './tone-heard-differs';
import { toneMissing } from './tone-missing';
import { toneNotStandard } from './tone-not-standard';
import { toneOnWrongSide } from './tone-on-wrong-side';

export const checks: readonly Check[] = [
  bandwidthNotInRadio,
  bandwidthNotOfCountry,
  toneNotStandard,
  bandwidthDiffers,
  toneOnWrongSide,
  toneMissing,
  toneDiffers,
  toneHeardDiffers,
];
