/** Which paths through a hotspot are whole under which of its profiles. */
import { trace } from '../path/plan-index';
import { recallEntries, slotWords } from '../path/recall';
import type { PlanIndex, Verdict } from '../path/types';
import { listensFor } from '../plan/carriage';
import { asIfRunning } from '../plan/profile-acts';
import { profilesOf } from '../plan/profiles';
import { rows } from '../plan/table';
import type { Hotspot, Id, Plan, RecallSlot } from '../plan/types';
import { type Strip, stripOf } from './strip';

export interface MatrixRow {
  radioId: Id;
  channelId: Id;
  name: string;
  /** One a profile, in their order. */
  strips: Strip[];
  /**
   * Slots that its radio can recall from the profile that runs, after which it is whole: `slot 3, Travel`. Empty where
   * it is whole.
   */
  after: string[];
}

export interface ProfileMatrix {
  siteId: Id;
  profiles: { id: Id; name: string; isActive: boolean; tally: Record<Verdict, number> }[];
  /** In the order of radios, then of channels. */
  rows: MatrixRow[];
}

/**
 * By radio: the slots that it can recall now, by an entry that sends the call in a mode that the hotspot listens for.
 */
function recallableSlots(index: PlanIndex, site: Hotspot): Map<Id, RecallSlot[]> {
  const { plan, modes } = index;
  const values = index.profile(site.id);
  const found = new Map<Id, RecallSlot[]>();
  for (const slot of rows(site.recall)) {
    const entries = recallEntries(plan, modes, site, slot).filter(
      (one) => one.sendsIt && values !== null && listensFor(values, one.mode),
    );
    for (const id of new Set(entries.map(({ radio }) => radio.id))) found.set(id, [...(found.get(id) ?? []), slot]);
  }
  return found;
}

/** `indexOf`: makes the index of a plan, as the one that is looked at was made. */
export function profileMatrix(plan: Plan, siteId: Id, indexOf: (plan: Plan) => PlanIndex): ProfileMatrix {
  const site = plan.sites.byId[siteId];
  const activeId = site?.kind === 'hotspot' ? site.activeProfileId : null;
  const profiles = profilesOf(plan, siteId);
  const indexes = profiles.map(({ id }) => indexOf(id === activeId ? plan : asIfRunning(plan, siteId, id)));
  const activeAt = profiles.findIndex(({ id }) => id === activeId);
  const recallable = site?.kind === 'hotspot' && activeAt >= 0 ? recallableSlots(indexes[activeAt]!, site) : new Map();
  const matrixRows = rows(plan.radios).flatMap((radio) =>
    rows(plan.codeplugs[radio.id]!.channels)
      .filter((channel) => channel.siteId === siteId)
      .map(({ id, name }): MatrixRow => {
        const strips = indexes.map((index) => stripOf(trace(index, radio.id, id).path));
        const isWhole = (profileId: Id | null) =>
          strips[profiles.findIndex((one) => one.id === profileId)]?.verdict === 'whole';
        const slots: readonly RecallSlot[] = isWhole(activeId) ? [] : (recallable.get(radio.id) ?? []);
        const after = slots
          .filter((slot) => isWhole(slot.profileId))
          .map((slot) => slotWords(plan, site as Hotspot, slot));
        return { radioId: radio.id, channelId: id, name, strips, after };
      }),
  );
  const tallyOf = (at: number) => {
    const tally: Record<Verdict, number> = { whole: 0, doubtful: 0, broken: 0 };
    for (const row of matrixRows) tally[row.strips[at]!.verdict] += 1;
    return tally;
  };
  return {
    siteId,
    profiles: profiles.map(({ id, name }, at) => ({ id, name, isActive: id === activeId, tally: tallyOf(at) })),
    rows: matrixRows,
  };
}
