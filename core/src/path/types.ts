/** Everything that stands in the types of paths, by one name: pairs, paths, and what they are traced with. */
export type { CrossPair, Fact, FactKey, FactOf, FactTypes, Rule, Verdict } from './fact-types';
export type { Direction, Hop, HopId, Outcome, Path } from './path';
export type { Crossing, PathContext, PlanIndex, TracedPath } from './mode-path';
