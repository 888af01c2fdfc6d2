import { networkModesOf } from '../path/mode-path';
import { recallEntries, recallingHotspots, slotNumber } from '../path/recall';
import type { PlanIndex } from '../path/types';
import { listensFor } from '../plan/carriage';
import { type Patch, toPointer } from '../plan/patches';
import { effectiveProfile } from '../plan/profiles';
import { rows } from '../plan/table';
import type { Hotspot, NetworkModeId, RecallSlot } from '../plan/types';
import { defineCheck } from './check';
import { couldRecall, recallPatches } from './recall-entry';

/** The modes that a hotspot listens for once it runs what a slot holds. */
function modesIn({ plan, modes }: PlanIndex, site: Hotspot, slot: RecallSlot): NetworkModeId[] {
  const values = slot.profileId === null ? null : effectiveProfile(plan, site.id, slot.profileId);
  if (!values) return [];
  return networkModesOf(modes)
    .map(({ id }) => id)
    .filter((id) => site[id] !== null && listensFor(values, id));
}

/** What gives the radios that are heard in one of these modes the entry for a slot: the first that can have it. */
function mend({ plan, modes }: PlanIndex, site: Hotspot, to: RecallSlot, heard: readonly NetworkModeId[]): Patch[] {
  for (const mode of heard) {
    for (const radio of rows(plan.radios)) {
      if (!couldRecall(radio, site, mode)) continue;
      const patches = recallPatches(plan, modes, site, to, radio, mode);
      if (patches.length > 0) return patches;
    }
  }
  return [];
}

export const slotCannotBeLeft = defineCheck({
  id: 'slot-cannot-be-left',
  severity: 'doubtful',
  title: 'A stored profile that cannot be left by radio',
  docs: {
    summary:
      'A hotspot can be told by radio to run a stored profile, and from the modes that are on in that profile no radio recalls another one.',
    why: 'Recalled on the road, it stays: other modes are not heard until somebody opens its settings page.',
    remedy: 'Give the radios of that mode the entries for the other slots.',
    source: {
      kind: 'common practice',
      name: 'every slot needs, in the radio of its mode, the ways back to the other slots',
    },
  },
  messages: {
    left: '{site}: slot {from} cannot be left for slot {to}: no radio of {modes} recalls it.',
    unsaid: '{site}: slot {from} cannot be left for slot {to}: nobody has said what recalls it from {modes}.',
    deaf: '{site}: slot {from} cannot be left: what it holds listens for nothing that a radio of the plan speaks.',
  },
  fixes: { add: 'Add the entry for slot {to}' },
  check(index, report) {
    const { plan, modes } = index;
    for (const site of recallingHotspots(plan)) {
      const slots = rows(site.recall).filter((slot) => slot.profileId !== null);
      const entries = new Map(
        slots.map((slot) => [slot.id, recallEntries(plan, modes, site, slot).filter((one) => one.sendsIt)]),
      );
      for (const from of slots) {
        // What no radio recalls is never got into by radio; it is told of as that.
        if (entries.get(from.id)!.length === 0) continue;
        const on = modesIn(index, site, from);
        const heard = on.filter((mode) => rows(plan.radios).some((radio) => couldRecall(radio, site, mode)));
        const pointer = toPointer(['sites', 'byId', site.id, 'recall', 'byId', from.id]);
        const subject = { siteId: site.id };
        const data = { site: site.name, from: slotNumber(site, from.id) };
        if (heard.length === 0) {
          report({ message: 'deaf', data, pointer, subject });
          continue;
        }
        const names = heard.map((mode) => modes[mode].name).join(' or ');
        for (const to of slots) {
          if (to.id === from.id || to.profileId === from.profileId) continue;
          if (entries.get(to.id)!.some((one) => heard.includes(one.mode))) continue;
          const number = slotNumber(site, to.id);
          const isSaid = heard.some((mode) => to.calls[mode] !== '');
          const patches = mend(index, site, to, heard);
          report({
            message: isSaid ? 'left' : 'unsaid',
            data: { ...data, to: number, modes: names },
            pointer: `${pointer}/calls/${number}`,
            subject,
            fixes: patches.length > 0 ? [{ id: 'add', data: { to: number }, patches }] : [],
          });
        }
      }
    }
  },
});
