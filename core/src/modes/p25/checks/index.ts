import type { Check } from '../../../checks/check';
import { nacDiffers } from './nac-differs';
import { nacHeardDiffers } from './nac-heard-differs';
import { nacSpecial } from './nac-special';
import { noP25UnlinkChannel } from './no-p25-unlink-channel';
import { p25GroupDiffers } from './p25-group-differs';
import { p25GroupOutOfRange } from './p25-group-out-of-range';
import { p25GroupUnknown } from './p25-group-unknown';
import { p25NetworkNotReached } from './p25-network-not-reached';
import { p25ReachUnsaid } from './p25-reach-unsaid';
import { p25UnlinkNotSaid } from './p25-unlink-not-said';
import { unitIdDiffers } from './unit-id-differs';
import { unitIdOutOfRange } from './unit-id-out-of-range';

/** In the order of a path: what breaks a call first stands first. */
export const checks: readonly Check[] = [
  unitIdOutOfRange,
  unitIdDiffers,
  nacSpecial,
  nacDiffers,
  nacHeardDiffers,
  p25NetworkNotReached,
  p25ReachUnsaid,
  p25GroupDiffers,
  p25GroupOutOfRange,
  p25GroupUnknown,
  p25UnlinkNotSaid,
  noP25UnlinkChannel,
];
