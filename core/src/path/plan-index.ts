/** `indexPlan(plan, …)`: the look-ups that tracing and checking need, made once per version of a plan. */
import { effectiveProfile } from '../plan/profiles';
import { rows } from '../plan/table';
import type { Id, Plan, ProfileValues, Zone } from '../plan/types';
import type { AroundSite } from './around';
import { contextOf } from './context';
import type { Modes } from './mode-path';
import { tracePath } from './trace';
import type { PlanIndex, TracedPath } from './types';
import { NO_WORLD, type World } from './world';

export interface IndexOptions {
  modes: Modes;
  world?: World;
  around?: readonly AroundSite[];
  /** ISO date against which ages are held; `null` leaves ages out. */
  today?: string | null;
}

function zonesIn(index: PlanIndex, radioId: Id): ReadonlyMap<Id, readonly Zone[]> {
  const zonesOf = new Map<Id, Zone[]>();
  for (const zone of rows(index.plan.codeplugs[radioId]!.zones)) {
    for (const id of zone.channelIds) {
      const zones = zonesOf.get(id);
      if (zones) zones.push(zone);
      else zonesOf.set(id, [zone]);
    }
  }
  return zonesOf;
}

const profileAt = (index: PlanIndex, siteId: Id): ProfileValues | null => effectiveProfile(index.plan, siteId);

function traceAll(index: PlanIndex): TracedPath[] {
  return index.plan.radios.order.flatMap((radioId) =>
    rows(index.plan.codeplugs[radioId]!.channels).map((channel) => {
      const context = contextOf(index, radioId, channel);
      return { context, path: tracePath(context) };
    }),
  );
}

type Looks = Map<(index: PlanIndex, id: Id) => unknown, Map<Id, unknown>>;

/** What was looked up of the plan holds in every world; what was traced holds in one. */
function makeIndex(plan: Plan, { modes, world, around, today }: Required<IndexOptions>, looks: Looks): PlanIndex {
  let traced: TracedPath[] | null = null;
  const index: PlanIndex = {
    plan,
    modes,
    world,
    around,
    today,
    look<T>(make: (index: PlanIndex, id: Id) => T, id: Id): T {
      let known = looks.get(make);
      if (!known) looks.set(make, (known = new Map()));
      if (!known.has(id)) known.set(id, make(index, id));
      return known.get(id) as T;
    },
    zonesOf: (radioId) => index.look(zonesIn, radioId),
    profile: (siteId) => index.look(profileAt, siteId),
    paths: () => (traced ??= traceAll(index)),
    with: (other) => makeIndex(plan, { modes, world: other, around, today }, looks),
  };
  return index;
}

/** The modes are handed in, and so are the world and the day: the core has no clock. */
export function indexPlan(plan: Plan, { modes, world = NO_WORLD, around = [], today = null }: IndexOptions): PlanIndex {
  return makeIndex(plan, { modes, world, around, today }, new Map());
}
