/** What radios want between them, and which of it each can have at all. */
import { draftsFor } from '../builder/cross-drafts';
import { placeKey } from '../builder/build';
import type { BuildModes } from '../builder/mode-build';
import type { ChannelDraft } from '../builder/types';
import { onlyReceives, radioTunes } from '../path/common-facts';
import { destinationKey } from '../plan/destination-key';
import { rows } from '../plan/table';
import type { Destination, Id, Plan, Priority, Radio, Want } from '../plan/types';

/** A destination through a site: what one radio wants, and the others are to have as well. */
export interface Way {
  /** The same for the same way of any radio. */
  key: string;
  destination: Destination;
  siteId: Id;
  /** `null`: between the two. */
  priority: Priority | null;
}

/** Why a radio cannot have a way, whatever room it has. */
export type Unable = 'mode' | 'band' | 'site';

/** A way that a radio can have: the channels that it takes. */
export interface Possible {
  way: Way;
  drafts: ChannelDraft[];
  /** The want that is there for it already. */
  want: Want | null;
}

export interface RadioWays {
  possible: Possible[];
  unable: { way: Way; why: Unable }[];
}

/** Every way that some radio wants, each once, in the order of the wants. */
export function waysOf(plan: Plan): Way[] {
  const ways = new Map<string, Way>();
  for (const { destination, siteId } of rows(plan.wants)) {
    const key = placeKey(siteId, destination);
    if (!ways.has(key))
      ways.set(key, { key, destination, siteId, priority: plan.priorities[destinationKey(destination)] ?? null });
  }
  return [...ways.values()];
}

function unableOf(radio: Radio, drafts: readonly ChannelDraft[]): Unable | null {
  if (drafts.length === 0) return 'site';
  if (drafts.some(({ values }) => radio[values.mode] === null)) return 'mode';
  const tuned = drafts.every(
    ({ values: { rxHz, txHz } }) => radioTunes(radio, rxHz) && radioTunes(radio, txHz) && !onlyReceives(radio, txHz),
  );
  return tuned ? null : 'band';
}

/** Which of the ways a radio can have. */
export function radioWays(plan: Plan, modes: BuildModes, radioId: Id, ways: readonly Way[]): RadioWays {
  const radio = plan.radios.byId[radioId]!;
  const wants = new Map<string, Want>();
  for (const want of rows(plan.wants))
    if (want.radioId === radioId) wants.set(placeKey(want.siteId, want.destination), want);
  const found: RadioWays = { possible: [], unable: [] };
  for (const way of ways) {
    const drafts = draftsFor(plan, modes, radio, plan.sites.byId[way.siteId]!, way.destination);
    const want = wants.get(way.key) ?? null;
    const why = unableOf(radio, drafts);
    // What somebody wants on it all the same is built, and takes up room.
    if (why && !(want && drafts.length > 0)) found.unable.push({ way, why });
    else found.possible.push({ way, drafts, want });
  }
  return found;
}
