/** What is true now beside the plan: links, groups that are awake, what is on the air. One value, one shape a mode. */
import type { Id, ModeId, ModeTypes } from '../plan/types';

export interface World {
  /** Milliseconds since 1970, UTC. The core has no clock: whoever hands in a world says when it is. */
  nowMs: number;
  /** By site; a mode that is not in it is as the plan says. */
  sites: Readonly<Record<Id, { readonly [M in ModeId]?: ModeTypes[M]['state'] }>>;
}

/** Nothing is known but the plan. */
export const NO_WORLD: World = { nowMs: 0, sites: {} };

/** What is said of a site in a mode; `undefined`: nothing. */
export function stateOf<M extends ModeId>(world: World, siteId: Id, mode: M): ModeTypes[M]['state'] | undefined {
  return world.sites[siteId]?.[mode] as ModeTypes[M]['state'] | undefined;
}

/** The world with another state of one mode at one site; `undefined` takes back what was said. */
export function withState<M extends ModeId>(
  world: World,
  siteId: Id,
  mode: M,
  state: ModeTypes[M]['state'] | undefined,
): World {
  const { [mode]: _, ...others } = world.sites[siteId] ?? {};
  return { ...world, sites: { ...world.sites, [siteId]: state === undefined ? others : { ...others, [mode]: state } } };
}
