/** What the plan and the modes build their types of. */

/** 1 to 60 characters of a–z, 0–9, `-` and `_`; made by whoever creates the entity. */
export type Id = string;

/** Entities by id, and the order in which people see them. */
export interface Table<T> {
  byId: Record<Id, T>;
  order: Id[];
}

/** The block of a mode that keeps nothing of a kind. */
export type Nothing = Record<never, never>;

export type CallKind = 'group' | 'private';

/** What a site's way to a network still lacks. `network`: a login at all; `reach`: the site is not said to reach it. */
export type Gap =
  | 'network'
  | 'enabled'
  | 'server'
  | 'password'
  | 'own-id'
  | 'suffix'
  | 'reach'
  /** Of a direct link between hotspots. */
  | 'address'
  | 'port'
  | 'other-end'
  | 'same-secret'
  | 'one-only';

/** Round-trip times of one measurement, milliseconds. */
export interface Delay {
  medianMs: number;
  lowMs: number;
  highMs: number;
  /** Probes that were not answered. */
  lost: number;
  /** RFC 3339, UTC. */
  at: string;
}

export interface Server {
  id: Id;
  name: string;
  host: string;
  region: string;
  delay: Delay | null;
}

/** A stored profile of a hotspot, recalled by what the radio sends: the hotspot itself takes the call. */
export interface RecallDestination {
  kind: 'recall';
  siteId: Id;
  slotId: Id;
}
