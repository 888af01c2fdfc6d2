/** Repeaters: which groups they carry on which slot, and whether a call passes. */
import type { PathContext } from '../../path/types';
import type { CallKind, Site } from '../../plan/types';
import { SPECIAL_NAMES } from '../../plan/modes/dmr/limits';
import type { DmrCarriage, TimeSlot } from '../../plan/modes/dmr/types';
import { dmrNetwork } from './networks';

/** What a repeater carries; `null` for a hotspot, whose routes say it. */
export function carriageOf(site: Site | null): DmrCarriage | null {
  return site?.kind === 'repeater' ? (site.dmr?.carries ?? null) : null;
}

/** The slots on which a group is listed, those where it is static first; either where nobody has said which. */
export function slotsOf({ groups }: DmrCarriage, number: number): TimeSlot[] {
  const mine = groups
    .filter((one) => one.number === number)
    .sort((a, b) => Number(b.static) - Number(a.static) || (a.slot ?? 0) - (b.slot ?? 0));
  return [...new Set(mine.flatMap((one) => (one.slot === null ? ([1, 2] as const) : [one.slot])))];
}

/** The slot a channel should use for a group; `undefined` when the repeater does not say. */
export function slotFor(site: Site | null, kind: CallKind, number: number): TimeSlot | undefined {
  const carriage = carriageOf(site);
  if (!carriage || kind !== 'group') return undefined;
  const slots = slotsOf(carriage, number);
  // On which slot it is was not said: nothing to go by.
  return carriage.groups.some((one) => one.number === number && one.slot === null) ? undefined : slots[0];
}

/** Numbers that the network answers itself pass on either slot, listed or not. */
function isSpecial({ index }: PathContext<'dmr'>, networkId: string | null, kind: CallKind, number: number): boolean {
  const special = dmrNetwork(index.plan, networkId)?.special;
  return (
    special !== undefined &&
    SPECIAL_NAMES.some((name) => special[name]?.number === number && special[name]?.kind === kind)
  );
}

/** The slots on which a repeater lists the group that a channel calls, and whether that binds: a private call and what the network answers itself pass anyway. */
export function listed(context: PathContext<'dmr'>, carriage: DmrCarriage): { slots: TimeSlot[]; binds: boolean } {
  const { call } = context.channel.dmr;
  const slots = slotsOf(carriage, call.number);
  return { slots, binds: call.kind === 'group' && !isSpecial(context, carriage.networkId, call.kind, call.number) };
}

/** Whether the repeater passes this channel's call on. */
export function passes(context: PathContext<'dmr'>, carriage: DmrCarriage): boolean {
  const { slots, binds } = listed(context, carriage);
  if (!binds) return true;
  return slots.length === 0 ? carriage.takesOthers !== false : slots.includes(context.channel.dmr.slot);
}

/** `slot 1: 417, 483; slot 2: 588`, for people. */
export function carriedWords({ groups }: DmrCarriage): string {
  const of = (slot: TimeSlot | null) => groups.filter((one) => one.slot === slot).map((one) => one.number);
  const parts = ([1, 2, null] as const)
    .filter((slot) => of(slot).length > 0)
    .map((slot) => `${slot === null ? 'slot not said' : `slot ${slot}`}: ${of(slot).join(', ')}`);
  return parts.join('; ') || 'no group';
}
