/** Which paths through a hotspot are whole under which of its profiles. */
import { trace } from '../path/plan-index';
import type { PlanIndex, Verdict } from '../path/types';
import { asIfRunning } from '../plan/profile-acts';
import { profilesOf } from '../plan/profiles';
import { rows } from '../plan/table';
import type { Id, Plan } from '../plan/types';
import { type Strip, stripOf } from './strip';

export interface MatrixRow {
  radioId: Id;
  channelId: Id;
  name: string;
  /** One a profile, in their order. */
  strips: Strip[];
}

export interface ProfileMatrix {
  siteId: Id;
  profiles: { id: Id; name: string; isActive: boolean; tally: Record<Verdict, number> }[];
  /** In the order of radios, then of channels. */
  rows: MatrixRow[];
}

/** `indexOf`: makes the index of a plan, as the one that is looked at was made. */
export function profileMatrix(plan: Plan, siteId: Id, indexOf: (plan: Plan) => PlanIndex): ProfileMatrix {
  const site = plan.sites.byId[siteId];
  const activeId = site?.kind === 'hotspot' ? site.activeProfileId : null;
  const profiles = profilesOf(plan, siteId);
  const indexes = profiles.map(({ id }) => indexOf(id === activeId ? plan : asIfRunning(plan, siteId, id)));
  const matrixRows = rows(plan.radios).flatMap((radio) =>
    rows(plan.codeplugs[radio.id]!.channels)
      .filter((channel) => channel.siteId === siteId)
      .map(({ id, name }): MatrixRow => ({
        radioId: radio.id,
        channelId: id,
        name,
        strips: indexes.map((index) => stripOf(trace(index, radio.id, id).path)),
      })),
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
