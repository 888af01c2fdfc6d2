/** What keying a channel changes in the world. */
import type { PathContext } from './types';
import { stateOf, withState, type World } from './world';

/** The world after a channel was keyed at its site, by the machine of its mode. `atMs`: milliseconds since 1970, UTC. */
export function keyUp(world: World, context: PathContext, atMs: number): World {
  const { site, channel, index } = context;
  const { machine } = index.modes[channel.mode];
  const event = site && machine?.keyed(context, atMs);
  if (!site || !machine || !event) return world;
  const before = stateOf(world, site.id, channel.mode) ?? machine.start(index, site);
  const [state] = machine.step(before as never, event);
  // What was not known is not known by a call that changes nothing.
  if (state === before) return { ...world, nowMs: atMs };
  return { ...withState(world, site.id, channel.mode, state), nowMs: atMs };
}
