import { checks as c4fmChecks } from '../modes/c4fm/checks';
import { checks as dmrChecks } from '../modes/dmr/checks';
import { checks as dstarChecks } from '../modes/dstar/checks';
import { checks as fmChecks } from '../modes/fm/checks';
import { checks as p25Checks } from '../modes/p25/checks';
import type { Check } from './check';
import { callSignMissing } from './call-sign-missing';
import { channelInNoZone } from './channel-in-no-zone';
import { channelWithoutSite } from './channel-without-site';
import { codeplugOverCapacity } from './codeplug-over-capacity';
import { coordinatesTooPrecise } from './coordinates-too-precise';
import { crossingNotPossible } from './crossing-not-possible';
import { crossingNotReady } from './crossing-not-ready';
import { crossingNumberDiffers } from './crossing-number-differs';
import { crossingOff } from './crossing-off';
import { defaultPasswordKept } from './default-password-kept';
import { frequencyDiffers } from './frequency-differs';
import { frequencyOffRaster } from './frequency-off-raster';
import { frequencyOutsideLicence } from './frequency-outside-licence';
import { frequencyOutsideRadio } from './frequency-outside-radio';
import { highPowerNearHotspot } from './high-power-near-hotspot';
import { listOutdated } from './list-outdated';
import { modeNotEnabled } from './mode-not-enabled';
import { modeNotInRadio } from './mode-not-in-radio';
import { nameNotUnique } from './name-not-unique';
import { nameTooLong } from './name-too-long';
import { pairSwapped } from './pair-swapped';
import { satelliteSegment } from './satellite-segment';
import { shiftDiffers } from './shift-differs';
import { shiftOnSimplex } from './shift-on-simplex';
import { shiftUnusual } from './shift-unusual';
import { siteOffAir } from './site-off-air';
import { siteUnconfirmed } from './site-unconfirmed';
import { sitesShareFrequency } from './sites-share-frequency';
import { zoneOverCapacity } from './zone-over-capacity';

/** Checks that all modes share, in the order of the work: station, radio, air, site, network, codeplug, care. */
const COMMON_CHECKS: readonly Check[] = [
  callSignMissing,
  modeNotInRadio,
  frequencyOutsideRadio,
  frequencyDiffers,
  pairSwapped,
  shiftOnSimplex,
  shiftDiffers,
  frequencyOutsideLicence,
  frequencyOffRaster,
  satelliteSegment,
  highPowerNearHotspot,
  channelWithoutSite,
  siteOffAir,
  siteUnconfirmed,
  listOutdated,
  shiftUnusual,
  sitesShareFrequency,
  modeNotEnabled,
  crossingNotPossible,
  crossingOff,
  crossingNotReady,
  crossingNumberDiffers,
  channelInNoZone,
  zoneOverCapacity,
  codeplugOverCapacity,
  nameTooLong,
  nameNotUnique,
  coordinatesTooPrecise,
  defaultPasswordKept,
];

export const CHECKS: readonly Check[] = [...COMMON_CHECKS, ...dmrChecks, ...dstarChecks, ...c4fmChecks, ...p25Checks, ...fmChecks];

export const CHECK_BY_ID: ReadonlyMap<string, Check> = new Map(CHECKS.map((check) => [check.id, check]));
