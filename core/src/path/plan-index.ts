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

/** One channel, traced. */
export function trace(index: PlanIndex, radioId: Id, channelId: Id): TracedPath {
  const context = contextOf(index, radioId, index.plan.codeplugs[radioId]!.channels.byId[channelId]!);
  return { context, path: tracePath(context) };
}

/** Where each channel stands, in the order of radios, then of channels. */
function places({ plan }: PlanIndex): [radioId: Id, channelId: Id][] {
  return plan.radios.order.flatMap((radioId) =>
    plan.codeplugs[radioId]!.channels.order.map((channelId): [Id, Id] => [radioId, channelId]),
  );
}

/** Look-ups that every index has. */
export const lookUps = (index: () => PlanIndex) => ({
  zonesOf: (radioId: Id) => index().look(zonesIn, radioId),
  profile: (siteId: Id) => index().look(profileAt, siteId),
});

type Looks = Map<(index: PlanIndex, id: Id) => unknown, Map<Id, unknown>>;

/** What was looked up of the plan holds in every world; what was traced holds in one. */
function makeIndex(plan: Plan, { modes, world, around, today }: Required<IndexOptions>, looks: Looks): PlanIndex {
  let traced: TracedPath[] | null = null;
  const found = new Map<(index: PlanIndex) => unknown, unknown>();
  const index: PlanIndex = {
    plan,
    whole: () => plan,
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
    ...lookUps(() => index),
    paths: () => (traced ??= places(index).map(([radioId, channelId]) => trace(index, radioId, channelId))),
    eachPath: (make) => index.paths().map(make),
    ofPaths: (make) => index.paths().map(make),
    once<T>(make: (index: PlanIndex) => T): T {
      if (!found.has(make)) found.set(make, make(index));
      return found.get(make) as T;
    },
    with: (other) => makeIndex(plan, { modes, world: other, around, today }, looks),
  };
  return index;
}

/** The modes are handed in, and so are the world and the day: the core has no clock. */
export function indexPlan(plan: Plan, { modes, world = NO_WORLD, around = [], today = null }: IndexOptions): PlanIndex {
  return makeIndex(plan, { modes, world, around, today }, new Map());
}
