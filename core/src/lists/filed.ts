/** What a directory of imported lists answers, the same on the server that gives it and the page that shows it. */
import type { Stretch } from '../units/geo/corridor';
import type { CorrectableField } from './corrections';
import type { ListedSite } from './types';

export interface ListSummary {
  id: string;
  name: string;
  source: string;
  licence: string;
  issuedOn: string | null;
  layout: string;
  sites: number;
  /** Those that it names, in alphabetical order. */
  countries: string[];
  importedAt: string;
}

/** What a user put above a list’s value. */
export interface Correction {
  field: CorrectableField;
  text: string;
  /** What the list said, as a user would type it. */
  was: string;
  who: string;
  why: string;
  madeAt: string;
}

/** A correction with the site it is about, for the keeper of a list. */
export type SiteCorrection = Correction & Pick<ListedSite, 'callSign' | 'module' | 'txHz'>;

/** A site with the list it stands in, as corrected. */
export interface FiledSite extends ListedSite {
  listId: string;
  line: number;
  listName: string;
  /** ISO date of the list; `null` when it gives none. */
  listIssuedOn: string | null;
  corrections: Correction[];
}

/**
 * Sites that have a position, column by column, in one order: list (a place in `lists`), line, degrees, Hz, modes as
 * bits in the order of `LISTED_MODES`, call sign, name, and the town (a place in `places`; -1 where nobody has said).
 */
export interface SiteMap {
  lists: string[];
  list: number[];
  line: number[];
  lat: number[];
  lon: number[];
  txHz: number[];
  modes: number[];
  callSign: string[];
  name: string[];
  places: string[];
  place: number[];
}

export interface NearSite extends FiledSite {
  distanceM: number;
  bearingDeg: number;
}

/** A site that was sought by words; how far it is, where that is known. */
export interface FoundSite extends FiledSite {
  distanceM: number | null;
  bearingDeg: number | null;
}

export interface FoundSites {
  /** How many there are beyond those that are told. */
  total: number;
  sites: FoundSite[];
}

export interface AlongSite extends FiledSite {
  alongM: number;
  offM: number;
}

export interface Trip {
  lengthM: number;
  /** In the order of travel. */
  sites: AlongSite[];
  /** Stretches with no site within the width. */
  empty: Stretch[];
}
