/** What a plan stores about D-STAR, per kind of entity. */
import type { Id, Table } from '../../plan/basics';
import type { Reflector } from './link';

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
  mode: 'dstar';
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

/** A command is for the site's own gateway, a call sign for routing by it. */
export type DstarDestination =
  | { kind: 'reflector'; networkId: Id; reflectorId: Id; module: string; use: 'talk' | 'link' }
  | { kind: 'command'; mode: 'dstar'; command: CommandName }
  /** `module` is empty for a station. */
  | { kind: 'call-sign'; mode: 'dstar'; callSign: string; module: string };

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

/** Pairs of a path that only D-STAR has. */
export type DstarFactKey = 'my' | 'my-suffix' | 'ur' | 'rpt1' | 'rpt2' | 'duplex' | 'direct' | 'module-band' | 'family' | 'link' | 'reflector';
