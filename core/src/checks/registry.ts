import { MODES } from '../modes/registry';
import type { Check } from './check';
import { callSignMissing } from './call-sign-missing';
import { channelInNoZone } from './channel-in-no-zone';
import { channelWithoutSite } from './channel-without-site';
import { codeplugOverCapacity } from './codeplug-over-capacity';
import { coordinatesTooPrecise } from './coordinates-too-precise';
import { defaultPasswordKept } from './default-password-kept';
import { frequencyDiffers } from './frequency-differs';
import { frequencyOutsideLicence } from './frequency-outside-licence';
import { frequencyOutsideRadio } from './frequency-outside-radio';
import { highPowerNearHotspot } from './high-power-near-hotspot';
import { modeNotEnabled } from './mode-not-enabled';
import { modeNotInRadio } from './mode-not-in-radio';
import { nameNotUnique } from './name-not-unique';
import { nameTooLong } from './name-too-long';
import { satelliteSegment } from './satellite-segment';
import { shiftOnSimplex } from './shift-on-simplex';
import { zoneOverCapacity } from './zone-over-capacity';

/** Checks that all modes share, in the order of the work: station, radio, air, site, network, codeplug, care. */
const COMMON_CHECKS: readonly Check[] = [
  callSignMissing,
  modeNotInRadio,
  frequencyOutsideRadio,
  frequencyDiffers,
  shiftOnSimplex,
  frequencyOutsideLicence,
  satelliteSegment,
  highPowerNearHotspot,
  channelWithoutSite,
  modeNotEnabled,
  channelInNoZone,
  zoneOverCapacity,
  codeplugOverCapacity,
  nameTooLong,
  nameNotUnique,
  coordinatesTooPrecise,
  defaultPasswordKept,
];

export const CHECKS: readonly Check[] = [...COMMON_CHECKS, ...Object.values(MODES).flatMap((mode) => mode.checks)];

export const CHECK_BY_ID: ReadonlyMap<string, Check> = new Map(CHECKS.map((check) => [check.id, check]));
