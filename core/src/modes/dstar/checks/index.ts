import type { Check } from '../../../checks/check';
import { cableBeforeRadio } from './cable-before-radio';
import { directMixed } from './direct-mixed';
import { familyNotReached } from './family-not-reached';
import { familyReachUnsaid } from './family-reach-unsaid';
import { gatewayWhereLocal } from './gateway-where-local';
import { linkCommandMalformed } from './link-command-malformed';
import { linkEntryMissing } from './link-entry-missing';
import { moduleMisplaced } from './module-misplaced';
import { moduleNotOfBand } from './module-not-of-band';
import { myWithAddition } from './my-with-addition';
import { myBorrowed } from './my-borrowed';
import { myMalformed } from './my-malformed';
import { myMissing } from './my-missing';
import { mySuffixMalformed } from './my-suffix-malformed';
import { nearSearchIncomplete } from './near-search-incomplete';
import { noUnlinkEntry } from './no-unlink-entry';
import { notLinked } from './not-linked';
import { reflectorUnknown } from './reflector-unknown';
import { rpt1Differs } from './rpt1-differs';
import { rpt2NotGateway } from './rpt2-not-gateway';
import { simplexSendsNoRpt } from './simplex-sends-no-rpt';
import { siteListedTwice } from './site-listed-twice';
import { siteCallSignNearMiss } from './site-call-sign-near-miss';
import { siteCallSignUnfit } from './site-call-sign-unfit';
import { urDiffers } from './ur-differs';
import { urLeftOnCommand } from './ur-left-on-command';

/** In the order of a path: what breaks a call first stands first. */
export const checks: readonly Check[] = [
  myMissing,
  myMalformed,
  myBorrowed,
  myWithAddition,
  mySuffixMalformed,
  simplexSendsNoRpt,
  directMixed,
  moduleMisplaced,
  rpt1Differs,
  moduleNotOfBand,
  rpt2NotGateway,
  gatewayWhereLocal,
  familyNotReached,
  familyReachUnsaid,
  notLinked,
  linkEntryMissing,
  linkCommandMalformed,
  urDiffers,
  urLeftOnCommand,
  reflectorUnknown,
  noUnlinkEntry,
  cableBeforeRadio,
  siteListedTwice,
  nearSearchIncomplete,
  siteCallSignNearMiss,
  siteCallSignUnfit,
];
