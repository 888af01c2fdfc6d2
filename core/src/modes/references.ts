/** What of a network's rows and a plan's links only its mode knows: which tables there are, and what a destination needs. */
import type { Found } from '../plan/broken';
import type { Destination, Id, NetworkModeId, NetworkOf, Plan, Table } from '../plan/types';
import { references as c4fm } from './c4fm/references';
import { references as dmr } from './dmr/references';
import { references as dstar } from './dstar/references';
import { references as p25 } from './p25/references';

export interface ModeReferences<M extends NetworkModeId = NetworkModeId> {
  /** The tables of a network, by their names; the first holds what can be called. */
  tables(network: NetworkOf<M>): [string, Table<{ id: Id }>][];
  /** Whether the network has what a destination names. */
  holds(network: NetworkOf<M>, destination: Destination): boolean;
  /** Tells of links that lead nowhere, each with its mend: in networks, sites and profiles. */
  broken(plan: Plan, found: Found): void;
}

export const REFERENCES: { readonly [M in NetworkModeId]: ModeReferences<M> } = { dmr, dstar, c4fm, p25 };
