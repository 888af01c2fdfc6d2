/**
 * What each mode brings to the plan document: blanks, keys, references. Its schemas, and how older blocks are read, stand
 * in `modes/schemas.ts` and `modes/upgrades.ts`: a page needs neither.
 */
import type { ModeReferences } from './broken';
import type { RecordKind } from './record-kind';
import type { DestinationOf, Id, RecallDestination, ModeId, ModeTypes, NetworkOf, Plan, Site, Station } from './types';

/** What a thing has of a mode before anything was said of it. */
export interface ModeBlanks<M extends ModeId> {
  radio(station: Station): ModeTypes[M]['radio'];
  site(plan: Plan, site: Site): ModeTypes[M]['site'];
  profile(): ModeTypes[M]['profile'];
  /** Maps within a profile's block whose rows a profile above a base names in parts: what such a row is before that. */
  profileParts?: Readonly<Record<string, () => object>>;
  codeplug(): ModeTypes[M]['codeplug'];
  shared(): ModeTypes[M]['shared'];
  /** A network without anything in it yet. `null` for a mode that has none. */
  network: ((id: Id, name: string, plan: Plan) => NetworkOf<M>) | null;
  /** A network was added to a draft: where nothing is said yet, hotspots use it. */
  networkAdded?(plan: Plan, networkId: Id): void;
}

/** Destinations of a mode as keys in files: what stands behind `mode/`. */
export interface ModeKeys<M extends ModeId> {
  write(destination: Exclude<DestinationOf<M>, RecallDestination>): string;
  /** `undefined` for a text that is the key of none. */
  read(rest: string): DestinationOf<M> | undefined;
  /** A key as files of format 5 and before have it, without a mode. */
  readOld(key: string): DestinationOf<M> | undefined;
}

/** What a mode makes of its share of a document of format 5, in which blocks and destinations stood apart. */
export interface ModeUpgrade {
  /** The destination in today's terms; `null` for one of another mode. */
  destination(old: Record<string, unknown>): Record<string, unknown> | null;
  codeplug(old: Record<string, unknown>): unknown;
  shared(document: Record<string, unknown>): unknown;
}

/*
 * The functions of a mode see what is of that mode only. They are declared as methods, so that a mode of one kind
 * stands in a registry beside the others; looking it up by the mode of what is handed in is what makes it right.
 */
export interface ModeData<M extends ModeId = ModeId> {
  /** As operators write it. */
  name: string;
  blanks: ModeBlanks<M>;
  /** What of a radio's block says whose radio it is. */
  own: readonly (keyof ModeTypes[M]['radio'])[];
  keys: ModeKeys<M>;
  /** The kinds of rows it keeps in a radio beside channels, in the order of lists and files. */
  records: readonly RecordKind<M>[];
  references: ModeReferences<M>;
}
