/** What a plan stores about D-STAR, per kind of entity. */
import type { Id, Nothing, RecallDestination, Table } from '../../basics';

/** Everything D-STAR keeps, by the kind of thing that holds it. */
export interface DstarTypes {
  radio: DstarRadioFields;
  site: DstarSiteFields;
  network: DstarNetworkFields;
  profile: DstarProfileFields;
  codeplug: Nothing;
  shared: Nothing;
  channel: DstarChannelFields;
  destination: DstarDestination;
  arrival: DstarArrival;
  state: DstarState;
  facts: DstarFacts;
}

export interface DstarRadioFields {
  /** MY as it is programmed in this radio; a check says when it is none. At most 8 characters go on the air. */
  my: string;
  /** Behind MY, at most 4 characters on the air. */
  suffix: string;
  /** A radio in which access and destination are chosen apart; `null`: four fields in every memory. */
  siteList: DstarSiteList | null;
}

/** What the site list of a radio can hold; names in characters. */
export interface DstarSiteList {
  sites: number;
  groups: number;
  nameLength: number;
  /** The radio looks for the nearest site by its own position. */
  nearSearch: boolean;
}

export interface DstarSiteFields {
  callSign: string;
  /** One letter, in the eighth place of RPT1. */
  module: string;
  /** Families of reflectors its gateway reaches, by their three letters. `null`: every one; empty: nobody has said. */
  families: string[] | null;
  /** Terminal use: the radio is on a cable, and nothing is asked for on the air. */
  cable: boolean;
  /** Minutes ahead of UTC; `null` while it is not said. */
  utcOffsetMin: number | null;
}

/** A family of reflectors. */
export interface DstarNetworkFields {
  /** Three letters with which the names of its reflectors begin. */
  letters: string;
  reflectors: Table<ListedReflector>;
}

export interface ListedReflector {
  id: Id;
  /** 0 to 999, three digits behind the letters. */
  number: number;
  /** What it is known as; may be empty. */
  title: string;
  /** Its modules in use, each a letter: `ABCE`. */
  modules: string;
  /** Links or stations lately seen on it, as its list says; `null` while it does not. */
  activity: number | null;
}

/** `local`: whoever hears the site. A command is for the site's own gateway, a call sign for routing by it. */
export type DstarDestination =
  | { kind: 'reflector'; networkId: Id; reflectorId: Id; module: string; use: 'talk' | 'link' }
  | { kind: 'local' }
  | { kind: 'command'; command: CommandName }
  | RecallDestination
  /** `module` is empty for a station. */
  | { kind: 'call-sign'; callSign: string; module: string };

export type CommandName = 'unlink' | 'status' | 'echo';

/** Every field is exactly eight characters, spaces included. */
export interface DstarChannelFields {
  ur: string;
  rpt1: string;
  rpt2: string;
  /** Set to duplex, with whatever shift: only then does an older radio send RPT1 and RPT2. */
  duplex: boolean;
}

export interface DstarProfileFields {
  /** What the hotspot is set to link to; `null`: nothing. */
  startLink: Reflector | null;
  /** Whether it links when it starts, or only when somebody asks for it. */
  automatic: boolean;
}

/** A module of a reflector. */
export interface Reflector {
  /** Three letters and three digits. */
  reflector: string;
  module: string;
}

/** What a site is linked to; `null`: to nothing. */
export type LinkState = Reflector | null;

/** Where a call comes out. Only a reflector is on a network of the plan, and not every one is. */
export type DstarArrival =
  | { kind: 'reflector'; networkId: Id | null; to: Reflector }
  | { kind: 'local'; networkId: null }
  | { kind: 'command'; networkId: null; command: CommandName }
  | { kind: 'call-sign'; networkId: null; callSign: string; module: string };

/** What is true of a site now. */
export interface DstarState {
  linkedTo: LinkState;
}

/** A link as a talk channel finds it. `by`: the entry of the radio that links the site first. */
export type LinkFound = { is: 'linked'; to: Reflector | null; by: Id | null } | { is: 'not said' };

/** Pairs of a path that only D-STAR has, with the type of their values. */
export interface DstarFacts {
  my: string | null;
  'my-suffix': string;
  ur: string;
  rpt1: string;
  rpt2: string;
  /** Whether the channel is set to duplex. */
  duplex: boolean;
  /** Whether the radio is on a cable. */
  direct: boolean;
  'module-band': string | null;
  /** Families by their letters; `every`: no bounds; empty: not said. */
  family: readonly string[] | 'every';
  link: LinkFound;
  reflector: Reflector;
}
