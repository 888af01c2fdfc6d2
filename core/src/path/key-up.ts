/** What keying a channel changes in the world. */
import type { ModeId, Site } from '../plan/types';
import type { PathContext, PlanIndex } from './types';
import { stateOf, withState, type World } from './world';

/**
 * The world after an event of a mode's machine at a site. `atMs`: as the world counts, milliseconds. What was not known
 * is not known by an event that changes nothing.
 */
export function stepAt({ index, world }: At, site: Site, mode: ModeId, event: unknown, atMs: number): World {
  const { machine } = index.modes[mode];
  if (!machine) return world;
  const before = stateOf(world, site.id, mode) ?? machine.start(index, site);
  const [state] = machine.step(before as never, event);
  return { ...(state === before ? world : withState(world, site.id, mode, state as never)), nowMs: atMs };
}

interface At {
  index: PlanIndex;
  world: World;
}

/** The world after a channel was keyed at its site, by the machine of its mode. `atMs`: milliseconds since 1970, UTC. */
export function keyUp(world: World, context: PathContext, atMs: number): World {
  const { site, channel, index } = context;
  const event = site && index.modes[channel.mode].machine?.keyed(context, atMs);
  return site && event ? stepAt({ index, world }, site, channel.mode, event, atMs) : world;
}
