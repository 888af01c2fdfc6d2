/** What is made of a plan to carry it out, with every mode: steps, lists of what to write, cards, sheets. */
import { cardOf as cardWith } from '../card/card';
import type { CardSection } from '../card/section';
import type { ColumnField } from '../codeplug/channel-field';
import { channelFields } from '../codeplug/channel-fields';
import {
  type Reprogramming,
  reprogramming as reprogrammingWith,
  reprogrammingList as reprogrammingListWith,
} from '../compare/written';
import type { PlanIndex } from '../path/types';
import type { Id, Plan } from '../plan/types';
import { runSheet as runSheetWith } from '../run-sheet/run-sheet';
import { setUpSheet as setUpSheetWith } from '../run-sheet/set-up';
import type { Step } from '../run-sheet/step';
import { settingsOf as settingsWith } from '../settings/all';
import type { Setting } from '../settings/setting';
import { MODES } from './modes';

/** Every field of a channel, whichever its mode, in the order of files. */
export const CHANNEL_FIELDS: readonly ColumnField[] = channelFields(MODES);

/** The ordered steps to carry a plan out. */
export function runSheet(index: PlanIndex): Step[] {
  return runSheetWith(index, MODES);
}

/** What must be written to one radio, `null` when it holds what is planned. */
export function reprogramming(index: PlanIndex, radioId: Id): Reprogramming | null {
  return reprogrammingWith(index, MODES, radioId);
}

/** Every radio that must be written to, in the plan's order. */
export function reprogrammingList(index: PlanIndex): Reprogramming[] {
  return reprogrammingListWith(index, MODES);
}

/** The sections of the pocket card. */
export function cardOf(plan: Plan): CardSection[] {
  return cardWith(plan, MODES);
}

/** The steps that set one hotspot up from nothing. @throws Error for a site that is no hotspot */
export function setUpSheet(index: PlanIndex, siteId: Id): Step[] {
  return setUpSheetWith(index, MODES, siteId);
}

/** Everything a hotspot is set to in one of its profiles. @throws Error for a site that is no hotspot */
export function settingsOf(plan: Plan, siteId: Id, profileId?: Id): Setting[] {
  return settingsWith(plan, siteId, MODES, profileId);
}
