import type { Check } from '../../../checks/check';
import { admitCriterion } from './admit-criterion';
import { callKindDiffers } from './call-kind-differs';
import { colorCodeDiffers } from './color-code-differs';
import { contactMissing } from './contact-missing';
import { dmrIdCountryUnknown } from './dmr-id-country-unknown';
import { dmrIdMalformed } from './dmr-id-malformed';
import { dmrIdMissing } from './dmr-id-missing';
import { groupNotInReceiveList } from './group-not-in-receive-list';
import { groupUnknown } from './group-unknown';
import { networkDiffers } from './network-differs';
import { networkLoginIncomplete } from './network-login-incomplete';
import { numberDiffers } from './number-differs';
import { radioIdDiffers } from './radio-id-differs';
import { slotOnSimplex } from './slot-on-simplex';
import { suffixMissing } from './suffix-missing';
import { suffixUsedTwice } from './suffix-used-twice';

export const checks: readonly Check[] = [
  dmrIdMissing,
  dmrIdMalformed,
  dmrIdCountryUnknown,
  radioIdDiffers,
  slotOnSimplex,
  colorCodeDiffers,
  networkLoginIncomplete,
  suffixMissing,
  suffixUsedTwice,
  networkDiffers,
  numberDiffers,
  callKindDiffers,
  groupUnknown,
  contactMissing,
  groupNotInReceiveList,
  admitCriterion,
];
