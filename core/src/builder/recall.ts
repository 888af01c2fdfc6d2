/** Which radio recalls which stored profile of a hotspot, and the entries that are still missing. */
import { couldRecall, type Lack, lackOf, recallPatches } from '../checks/recall-entry';
import { networkModesOf } from '../path/mode-path';
import { recallEntries } from '../path/recall';
import { applyInPlace } from '../plan/patches';
import { rows } from '../plan/table';
import type { Hotspot, Id, NetworkModeId, Plan, RecallSlot } from '../plan/types';
import type { BuildModes } from './mode-build';

export interface RecallCell {
  slotId: Id;
  /** `null`: the entry is there. */
  lack: Lack | null;
  /** What the entry that is there, or is wrong, is called in the radio; empty where there is none. */
  entry: string;
  /** What it must send; empty where nobody has said. */
  call: string;
  /** The channel that recalls it, for whoever wants to see its path. */
  channelId: Id | null;
}

export interface RecallRow {
  radioId: Id;
  mode: NetworkModeId;
  /** What the call is in this mode: `group`, `UR`, `tone code`. */
  what: string;
  /** How many codes the radio keeps; `null` where it recalls by channels. */
  most: number | null;
  /** One a slot, in their order. */
  cells: RecallCell[];
}

/** Every radio and mode that could recall a slot of a hotspot, in the order of radios, then of modes. */
export function recallMatrix(plan: Plan, modes: BuildModes, siteId: Id): RecallRow[] {
  const site = plan.sites.byId[siteId] as Hotspot;
  const entries = new Map(rows(site.recall).map((slot) => [slot.id, recallEntries(plan, modes, site, slot)]));
  return rows(plan.radios).flatMap((radio) =>
    networkModesOf(modes)
      .filter(({ id, recall }) => recall && couldRecall(radio, site, id))
      .map(({ id: mode, recall }): RecallRow => ({
        radioId: radio.id,
        mode,
        what: recall!.what,
        most: recall!.codes ? recall!.codes.most(radio) : null,
        cells: rows(site.recall).map((slot): RecallCell => {
          const mine = entries.get(slot.id)!.filter((one) => one.radio.id === radio.id && one.mode === mode);
          const shown = mine.find((one) => one.sendsIt) ?? mine[0];
          return {
            slotId: slot.id,
            lack: lackOf(plan, modes, site, slot, radio, mode),
            entry: shown?.name ?? '',
            call: slot.calls[mode],
            channelId: shown?.channelId ?? null,
          };
        }),
      })),
  );
}

/** How many entries can be added or set right: what `buildRecall` does. */
export function missingEntries(matrix: readonly RecallRow[]): number {
  return matrix.flatMap((row) => row.cells).filter(({ lack }) => lack === 'missing' || lack === 'wrong').length;
}

/**
 * Gives every radio, in a draft, the entries that it lacks for the slots that hold a profile, in the order of slots:
 * where a radio cannot keep all, the first ones. @returns how many were added or set right
 */
export function buildRecall(plan: Plan, modes: BuildModes, siteId: Id): number {
  const site = plan.sites.byId[siteId] as Hotspot;
  let count = 0;
  for (const slot of rows(site.recall).filter((one: RecallSlot) => one.profileId !== null)) {
    for (const radio of rows(plan.radios)) {
      for (const { id: mode, recall } of networkModesOf(modes)) {
        if (!recall || !couldRecall(radio, site, mode)) continue;
        const patches = recallPatches(plan, modes, site, slot, radio, mode);
        applyInPlace(plan, patches);
        if (patches.length > 0) count += 1;
      }
    }
  }
  return count;
}
