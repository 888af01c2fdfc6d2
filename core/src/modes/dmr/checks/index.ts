import type { Check } from '../../../checks/check';
import { admitCriterion } from './admit-criterion';
import { admitNotOffered } from './admit-not-offered';
import { callKindDiffers } from './call-kind-differs';
import { callNotRouted } from './call-not-routed';
import { catchAllBeforeRules } from './catch-all-before-rules';
import { catchAllMissing } from './catch-all-missing';
import { colorCodeDiffers } from './color-code-differs';
import { contactMissing } from './contact-missing';
import { dmrIdCountryUnknown } from './dmr-id-country-unknown';
import { dmrIdMalformed } from './dmr-id-malformed';
import { dmrIdMissing } from './dmr-id-missing';
import { groupNotAtRepeater } from './group-not-at-repeater';
import { groupNotCarried } from './group-not-carried';
import { groupNotInReceiveList } from './group-not-in-receive-list';
import { groupNotOnSlot } from './group-not-on-slot';
import { groupUnknown } from './group-unknown';
import { networkDiffers } from './network-differs';
import { networkLoginIncomplete } from './network-login-incomplete';
import { networksOverlap } from './networks-overlap';
import { numberDiffers } from './number-differs';
import { numberOverLimit } from './number-over-limit';
import { prefixTakesPersonalId } from './prefix-takes-personal-id';
import { privateRuleMissing } from './private-rule-missing';
import { radioIdDiffers } from './radio-id-differs';
import { rangeOverNetworkEnd } from './range-over-network-end';
import { repeaterNetworkDiffers } from './repeater-network-differs';
import { rulePartlyShadowed } from './rule-partly-shadowed';
import { ruleShadowed } from './rule-shadowed';
import { ruleWithoutInverse } from './rule-without-inverse';
import { sameNumberTwoNetworks } from './same-number-two-networks';
import { severalNetworksSelectionOff } from './several-networks-selection-off';
import { colorCodeSystem } from './color-code-system';
import { groupNotListed } from './group-not-listed';
import { noDmrUnlinkChannel } from './no-dmr-unlink-channel';
import { repeaterNetworkUnsaid } from './repeater-network-unsaid';
import { ruleOnUnheardSlot } from './rule-on-unheard-slot';
import { staticGroupUnheard } from './static-group-unheard';
import { tooManyStaticGroups } from './too-many-static-groups';
import { slotOnSimplex } from './slot-on-simplex';
import { suffixMissing } from './suffix-missing';
import { suffixUsedTwice } from './suffix-used-twice';
import { twoCatchAlls } from './two-catch-alls';
import { wideAreaGroupOnRepeater } from './wide-area-group-on-repeater';

export const checks: readonly Check[] = [
  dmrIdMissing,
  dmrIdMalformed,
  dmrIdCountryUnknown,
  radioIdDiffers,
  slotOnSimplex,
  colorCodeDiffers,
  colorCodeSystem,
  groupNotOnSlot,
  repeaterNetworkDiffers,
  repeaterNetworkUnsaid,
  groupNotAtRepeater,
  groupNotListed,
  networkLoginIncomplete,
  suffixMissing,
  suffixUsedTwice,
  severalNetworksSelectionOff,
  catchAllBeforeRules,
  callNotRouted,
  ruleWithoutInverse,
  privateRuleMissing,
  catchAllMissing,
  twoCatchAlls,
  ruleShadowed,
  rulePartlyShadowed,
  networksOverlap,
  prefixTakesPersonalId,
  numberOverLimit,
  rangeOverNetworkEnd,
  ruleOnUnheardSlot,
  staticGroupUnheard,
  tooManyStaticGroups,
  groupNotCarried,
  networkDiffers,
  numberDiffers,
  callKindDiffers,
  groupUnknown,
  wideAreaGroupOnRepeater,
  noDmrUnlinkChannel,
  sameNumberTwoNetworks,
  contactMissing,
  groupNotInReceiveList,
  admitCriterion,
  admitNotOffered,
];
