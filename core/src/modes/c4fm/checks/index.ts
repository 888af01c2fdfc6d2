import type { Check } from '../../../checks/check';
import { autoSensingAtMixedSite } from './auto-sensing-at-mixed-site';
import { callSignFieldDiffers } from './call-sign-field-differs';
import { groupIdDiffers } from './group-id-differs';
import { groupIdHeardDiffers } from './group-id-heard-differs';
import { groupIdNotOpen } from './group-id-not-open';
import { mixedToneDiffers } from './mixed-tone-differs';
import { mixedToneHeardDiffers } from './mixed-tone-heard-differs';
import { noDisconnectEntry } from './no-disconnect-entry';
import { receivesAnalogOnly } from './receives-analog-only';
import { roomConnectionUnsaid } from './room-connection-unsaid';
import { roomMemoriesOverCapacity } from './room-memories-over-capacity';
import { roomMemoryNameTooLong } from './room-memory-name-too-long';
import { roomMemoryUnknown } from './room-memory-unknown';
import { roomNotConnected } from './room-not-connected';
import { roomNotReached } from './room-not-reached';
import { roomNumberDiffers } from './room-number-differs';
import { roomNumberMalformed } from './room-number-malformed';
import { roomReachUnsaid } from './room-reach-unsaid';
import { roomUnknown } from './room-unknown';
import { toneOnDigitalOnly } from './tone-on-digital-only';
import { voiceDiffers } from './voice-differs';
import { voiceWideToBridge } from './voice-wide-to-bridge';

/** In the order of a path: what breaks a call first stands first. */
export const checks: readonly Check[] = [
  callSignFieldDiffers,
  receivesAnalogOnly,
  autoSensingAtMixedSite,
  toneOnDigitalOnly,
  voiceWideToBridge,
  voiceDiffers,
  groupIdDiffers,
  groupIdNotOpen,
  groupIdHeardDiffers,
  mixedToneDiffers,
  mixedToneHeardDiffers,
  roomNotReached,
  roomReachUnsaid,
  roomNotConnected,
  roomConnectionUnsaid,
  roomNumberDiffers,
  roomNumberMalformed,
  roomUnknown,
  noDisconnectEntry,
  roomMemoriesOverCapacity,
  roomMemoryNameTooLong,
  roomMemoryUnknown,
];
