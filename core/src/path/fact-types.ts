/**
 * The pairs of a path, with the type of the values of each. Words are made of them in `describe.ts`, and nowhere else.
 */
import type { Band, RegionId } from '../units/bands';
import type { Gap, Id, ModeId, ModeTypes, NetworkModeId, SiteStatus } from '../plan/types';

export type Verdict = 'whole' | 'doubtful' | 'broken';

/** The mode on the air and the mode of the network, where the two differ. */
export interface CrossPair {
  air: NetworkModeId;
  network: NetworkModeId;
}

/** Pairs that every mode has. Frequencies in Hz, levels in dBm. */
export interface CommonFacts {
  'call-sign': string | null;
  'mode-in-radio': ModeId | null;
  'radio-band': number;
  frequency: number;
  shift: number;
  'licence-band': number;
  satellite: number;
  level: number | null;
  site: Id | null;
  'mode-at-site': ModeId | null;
  'on-air': SiteStatus;
  /** ISO date. */
  confirmed: string;
  crossing: CrossPair | null;
  'crossing-on': boolean;
  'crossing-ready': readonly Gap[];
  /** Digits. */
  'crossing-number': string | null;
  /** The slot of a hotspot that a call recalls; `null`: none. */
  recalls: Id | null;
  /** Whether the air mode's own networks are reached while its calls are carried to another mode's. */
  'own-networks': boolean;
}

type UnionToIntersection<U> = (U extends unknown ? (one: U) => void : never) extends (all: infer I) => void ? I : never;

export type FactTypes = CommonFacts & UnionToIntersection<ModeTypes[ModeId]['facts']>;

export type FactKey = keyof FactTypes;

/** What a pair expects where more than one value would do. */
export type Rule<K extends FactKey> =
  /** The other end has said nothing: any value may be right. */
  | { rule: 'not said' }
  /** Any that is one. */
  | { rule: 'any' }
  | { rule: 'clear' }
  | { rule: 'leads there' }
  | { rule: 'at most'; most: number }
  | { rule: 'between'; low: number; high: number }
  | { rule: 'within days'; days: number }
  | { rule: 'within bands'; bands: readonly Band[] }
  | { rule: 'within region'; region: RegionId }
  /** One that the directory of a network lists; `null`: of none that is reached. */
  | { rule: 'in directory'; networkId: Id | null }
  | { rule: 'one of'; of: readonly FactTypes[K][] };

export interface FactOf<K extends FactKey> {
  /** Which pair this is; a check with the same fact explains it. */
  key: K;
  has: FactTypes[K];
  expects: FactTypes[K] | Rule<K>;
  state: Verdict;
  /** It agrees as far as is known, and is worth showing: something about it was not said, or is in no list. */
  noted?: true;
}

export type Fact = { [K in FactKey]: FactOf<K> }[FactKey];

/** Whether what is expected is a rule rather than a value. */
export function isRule<K extends FactKey>(expects: FactTypes[K] | Rule<K>): expects is Rule<K> {
  return typeof expects === 'object' && expects !== null && 'rule' in expects;
}
