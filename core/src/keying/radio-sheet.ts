/** The keying sheet of a radio of a plan. */
import type { CodeplugModes } from '../codeplug/mode-codeplug';
import type { Id, Plan } from '../plan/types';
import { type KeyingSheet, keyingSheet } from './sheet';
import { type Kept, keptOf } from './values';

/** What the radio holds before the first press: what was written last, nothing, or nobody knows. */
export const HOLDINGS = ['written', 'nothing', 'not known'] as const;
export type Holding = (typeof HOLDINGS)[number];

/** Everything that a radio is to keep, and what it holds; `null` where nobody knows. */
export function keptBy(
  plan: Plan,
  modes: CodeplugModes,
  radioId: Id,
  holding: Holding,
): { planned: Kept[]; held: Kept[] | null } {
  const { keying } = plan.radios.byId[radioId]!;
  const firstOf = (stores: string) => keying?.routines.find((one) => one.stores === stores)?.first ?? 1;
  const written = plan.written[radioId];
  const held = holding === 'written' && written ? keptOf(modes, written, firstOf) : holding === 'nothing' ? [] : null;
  return { planned: keptOf(modes, plan.codeplugs[radioId]!, firstOf), held };
}

/**
 * @returns `null` for a radio whose keys nobody has taught
 * @throws PadFault where the description of its keys contradicts itself
 */
export function radioSheet(plan: Plan, modes: CodeplugModes, radioId: Id, holding: Holding): KeyingSheet | null {
  const { keying } = plan.radios.byId[radioId]!;
  if (!keying) return null;
  const { planned, held } = keptBy(plan, modes, radioId, holding);
  return keyingSheet(keying, planned, held);
}
