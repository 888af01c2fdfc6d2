/** What a mode provides so that its part of a list of sites can be read, and become its block at a repeater of the plan. */
import type { ModeId, ModeTypes, Plan, Repeater } from '../plan/types';
import type { CellReader, Guesser, ListedSite, ModeColumn } from './types';

export interface ModeListed<M extends ModeId = ModeId> {
  /** Heading of a column that says whether a site has the mode. */
  heading: RegExp;
  /** The mode named in a text. */
  named: RegExp;
  /** The columns that only this mode has, and how they are recognised. */
  columns: Partial<Record<ModeColumn, Guesser>>;
  /** What its columns say. */
  read?(row: CellReader): Partial<ListedSite>;
  /** Whether what its columns say means that the site has the mode. */
  implied?(site: Partial<ListedSite>): boolean;
  /** The block of a repeater that is made of a listed site: what the list says, and nothing that it does not say. */
  asSite(plan: Plan, site: ListedSite, repeater: Repeater): NonNullable<ModeTypes[M]['site']>;
  /** The block made of a newer list, with what only the plan knows. `listed`: what the list says. */
  refresh(
    fresh: NonNullable<ModeTypes[M]['site']>,
    there: ModeTypes[M]['site'] | null,
    listed: ListedSite,
  ): NonNullable<ModeTypes[M]['site']>;
  /** What a list can say of the block, by its name, for people; `null`: the repeater has not the mode. */
  words(plan: Plan, block: ModeTypes[M]['site'] | null): Record<string, string>;
}

/** The modes as they are handed in. */
export type ListedModes = Readonly<Record<ModeId, { name: string; listed: ModeListed }>>;
