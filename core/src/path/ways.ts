/** The ways out of whatever a site is linked to. */
import type { Destination, ModeId, Plan, Site } from '../plan/types';
import type { PathContext } from './mode-path';

export interface ModeWays<M extends ModeId = ModeId> {
  /** What leaves a link at a site: one destination for each network that it reaches, or one for all. */
  out(plan: Plan, site: Site): Destination[];
  /** Whether a channel, or what its radio keeps beside it, leads to such a destination. */
  leaves(context: PathContext<M>, destination: Destination): boolean;
}
