/** The builder with every mode: wants and sites become channels, zones and settings. */
import {
  type Accept,
  acceptUnlessHandMade,
  buildInPlace,
  carryOut as carryOutWith,
  propose as proposeWith,
} from '../builder/build';
import { buildRecall as buildRecallWith, recallMatrix as recallMatrixWith, type RecallRow } from '../builder/recall';
import type { BuildItem } from '../builder/types';
import { buildZones as buildZonesWith, type ZoneReport, type ZoneRequest } from '../builder/zones';
import { inMode as inModeWith } from '../codeplug/change-mode';
import { newChannel as newChannelWith, type NewChannel } from '../codeplug/new-channel';
import { carryOutStandby as carryOutStandbyWith, proposeStandby as proposeStandbyWith } from '../builder/standby';
import type { Channel, Id, ModeId, Plan } from '../plan/types';
import { MODES } from './modes';

/** What building would do, line by line, nothing carried out. */
export function propose(plan: Plan): BuildItem[] {
  return proposeWith(plan, MODES);
}

/** A recipe for `edit`: carries out the lines that `accept` takes; without, all but those that undo work by hand. */
export function carryOut(accept?: Accept): (draft: Plan) => void {
  return carryOutWith(MODES, accept);
}

/** Builds in a plain copy of a plan, all but what undoes work by hand. */
export function buildHere(plan: Plan): void {
  buildInPlace(plan, MODES, acceptUnlessHandMade);
}

/** What standby would change in a profile of a hotspot and in the radios, line by line, nothing carried out. */
export function proposeStandby(plan: Plan, siteId: Id, profileId: Id): BuildItem[] {
  return proposeStandbyWith(plan, MODES, siteId, profileId);
}

/** A recipe for `edit`: makes a profile of a hotspot one for standby; `accept` says which lines. */
export function carryOutStandby(siteId: Id, profileId: Id, accept?: Accept): (draft: Plan) => void {
  return carryOutStandbyWith(MODES, siteId, profileId, accept);
}

/** Which radio recalls which stored profile of a hotspot. */
export function recallMatrix(plan: Plan, siteId: Id): RecallRow[] {
  return recallMatrixWith(plan, MODES, siteId);
}

/**
 * Gives the radios, in a draft, the entries that recall the stored profiles of a hotspot. @returns how many were added
 * or set right
 */
export function buildRecall(draft: Plan, siteId: Id): number {
  return buildRecallWith(draft, MODES, siteId);
}

/** Channels and zones of one radio for these sites. @throws Error for an unknown radio */
export function buildZones(plan: Plan, request: ZoneRequest): ZoneReport {
  return buildZonesWith(plan, MODES, request);
}

/** A channel taken over into another mode of the same site. */
export function inMode(plan: Plan, channel: Channel, mode: ModeId): Channel {
  return inModeWith(MODES, plan, channel, mode);
}

/** A channel that is added by hand. @throws Error for an unknown radio */
export function newChannel(plan: Plan, radioId: Id, asked: NewChannel): Channel {
  return newChannelWith(MODES, plan, radioId, asked);
}
