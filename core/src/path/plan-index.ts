/** `indexPlan(plan)`: the look-ups that tracing and checking need, made once per version of a plan. */
import type { Id, Plan, Zone } from '../plan/types';
import { rows } from '../plan/table';
import { tracePath } from './trace';
import type { AwakeGroup, PlanIndex, RadioHoldings, SiteLink, TracedPath } from './types';
import { contactKey } from './contact-key';
import { contextOf } from './context';

function holdingsOf(plan: Plan, radioId: Id): RadioHoldings {
  const codeplug = plan.codeplugs[radioId]!;
  const zonesOf = new Map<Id, Zone[]>();
  for (const zone of rows(codeplug.zones)) {
    for (const id of zone.channelIds) {
      const zones = zonesOf.get(id);
      if (zones) zones.push(zone);
      else zonesOf.set(id, [zone]);
    }
  }
  return {
    contacts: new Set(rows(codeplug.contacts).map((contact) => contactKey(contact.kind, contact.number))),
    receiveLists: new Map(rows(codeplug.receiveLists).map((list) => [list.id, new Set(list.groups)])),
    zonesOf,
  };
}

export function indexPlan(plan: Plan, { awake = [], links = [], today = null }: { awake?: readonly AwakeGroup[]; links?: readonly SiteLink[]; today?: string | null } = {}): PlanIndex {
  let traced: TracedPath[] | null = null;
  const index: PlanIndex = {
    plan,
    awake,
    links,
    today,
    radios: new Map(plan.radios.order.map((id) => [id, holdingsOf(plan, id)])),
    paths: () => {
      traced ??= plan.radios.order.flatMap((radioId) =>
        rows(plan.codeplugs[radioId]!.channels).map((channel) => {
          const context = contextOf(index, radioId, channel);
          return { context, path: tracePath(context) };
        }),
      );
      return traced;
    },
  };
  return index;
}
