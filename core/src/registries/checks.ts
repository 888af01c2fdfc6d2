import { checks as c4fmChecks } from '../modes/c4fm/checks';
import { checks as dmrChecks } from '../modes/dmr/checks';
import { checks as dstarChecks } from '../modes/dstar/checks';
import { checks as fmChecks } from '../modes/fm/checks';
import { checks as p25Checks } from '../modes/p25/checks';
import type { Check, Finding } from '../checks/check';
import { explain, type Explanation } from '../checks/explain';
import { runChecks as runGiven } from '../checks/run';
import type { PlanIndex } from '../path/types';
import { busyLinkLocksModes } from '../checks/busy-link-locks-modes';
import { callSignMissing } from '../checks/call-sign-missing';
import { channelInNoZone } from '../checks/channel-in-no-zone';
import { channelWithoutSite } from '../checks/channel-without-site';
import { closeToHotspot } from '../checks/close-to-hotspot';
import { codeplugOverCapacity } from '../checks/codeplug-over-capacity';
import { coordinatesTooPrecise } from '../checks/coordinates-too-precise';
import { crossingNotPossible } from '../checks/crossing-not-possible';
import { crossingNotReady } from '../checks/crossing-not-ready';
import { crossingNumberDiffers } from '../checks/crossing-number-differs';
import { crossingOff } from '../checks/crossing-off';
import { announcementsInStandby } from '../checks/announcements-in-standby';
import { backupOutdated } from '../checks/backup-outdated';
import { codesTooFew } from '../checks/codes-too-few';
import { defaultPasswordPublic } from '../checks/default-password-public';
import { hangTimeShort } from '../checks/hang-time-short';
import { offsetDiffersFromLabel } from '../checks/offset-differs-from-label';
import { recallCallUnfit } from '../checks/recall-call-unfit';
import { recallDiffers } from '../checks/recall-differs';
import { remoteCommandsOn } from '../checks/remote-commands-on';
import { scanListBusy } from '../checks/scan-list-busy';
import { settingsPagePublic } from '../checks/settings-page-public';
import { severalModesLinked } from '../checks/several-modes-linked';
import { slotCannotBeLeft } from '../checks/slot-cannot-be-left';
import { slotEmpty } from '../checks/slot-empty';
import { slotWithoutEntry } from '../checks/slot-without-entry';
import { defaultPasswordKept } from '../checks/default-password-kept';
import { duplexSplitSmall } from '../checks/duplex-split-small';
import { frequencyDiffers } from '../checks/frequency-differs';
import { frequencyOffRaster } from '../checks/frequency-off-raster';
import { frequencyOutsideLicence } from '../checks/frequency-outside-licence';
import { frequencyOutsideRadio } from '../checks/frequency-outside-radio';
import { highPowerNearHotspot } from '../checks/high-power-near-hotspot';
import { hotspotOnKeptFrequency } from '../checks/hotspot-on-kept-frequency';
import { hotspotOnRepeater } from '../checks/hotspot-on-repeater';
import { hotspotsShareFrequency } from '../checks/hotspots-share-frequency';
import { linkedInStandby } from '../checks/linked-in-standby';
import { listOutdated } from '../checks/list-outdated';
import { modeNotEnabled } from '../checks/mode-not-enabled';
import { modeNotInRadio } from '../checks/mode-not-in-radio';
import { nameNotUnique } from '../checks/name-not-unique';
import { nameLetters } from '../checks/name-letters';
import { nameTooLong } from '../checks/name-too-long';
import { ownNetworksNotReached } from '../checks/own-networks-not-reached';
import { pairSwapped } from '../checks/pair-swapped';
import { optionNotOffered } from '../checks/option-not-offered';
import { powerNotOffered } from '../checks/power-not-offered';
import { samePathTwice } from '../checks/same-path-twice';
import { satelliteSegment } from '../checks/satellite-segment';
import { shiftDiffers } from '../checks/shift-differs';
import { shiftOnSimplex } from '../checks/shift-on-simplex';
import { shiftUnusual } from '../checks/shift-unusual';
import { siteGoneFromList } from '../checks/site-gone-from-list';
import { siteOffAir } from '../checks/site-off-air';
import { siteUnconfirmed } from '../checks/site-unconfirmed';
import { sitesMayShareFrequency } from '../checks/sites-may-share-frequency';
import { sitesShareFrequency } from '../checks/sites-share-frequency';
import { valueUnsaid } from '../checks/value-unsaid';
import { zoneWithoutWayOut } from '../checks/zone-without-way-out';
import { zoneOverCapacity } from '../checks/zone-over-capacity';

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
  hotspotOnKeptFrequency,
  hotspotOnRepeater,
  hotspotsShareFrequency,
  duplexSplitSmall,
  highPowerNearHotspot,
  closeToHotspot,
  channelWithoutSite,
  siteOffAir,
  siteGoneFromList,
  siteUnconfirmed,
  listOutdated,
  shiftUnusual,
  sitesShareFrequency,
  sitesMayShareFrequency,
  valueUnsaid,
  modeNotEnabled,
  crossingNotPossible,
  crossingOff,
  crossingNotReady,
  crossingNumberDiffers,
  ownNetworksNotReached,
  linkedInStandby,
  announcementsInStandby,
  busyLinkLocksModes,
  severalModesLinked,
  hangTimeShort,
  offsetDiffersFromLabel,
  recallDiffers,
  recallCallUnfit,
  slotCannotBeLeft,
  slotEmpty,
  slotWithoutEntry,
  codesTooFew,
  backupOutdated,
  channelInNoZone,
  optionNotOffered,
  powerNotOffered,
  samePathTwice,
  scanListBusy,
  zoneOverCapacity,
  zoneWithoutWayOut,
  codeplugOverCapacity,
  nameTooLong,
  nameLetters,
  nameNotUnique,
  coordinatesTooPrecise,
  defaultPasswordPublic,
  defaultPasswordKept,
  settingsPagePublic,
  remoteCommandsOn,
];

export const CHECKS: readonly Check[] = [
  ...COMMON_CHECKS,
  ...dmrChecks,
  ...dstarChecks,
  ...c4fmChecks,
  ...p25Checks,
  ...fmChecks,
];

export const CHECK_BY_ID: ReadonlyMap<string, Check> = new Map(CHECKS.map((check) => [check.id, check]));

/** All findings of every check, by check, then in the plan's order. Same plan, same findings. */
export function runChecks(index: PlanIndex): Finding[] {
  return runGiven(index, CHECKS);
}

/** A finding in words. */
export function explained(finding: Finding): Explanation {
  return explain(CHECK_BY_ID.get(finding.check)!, finding);
}
