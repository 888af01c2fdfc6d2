/** What each mode shows in the screens that all modes share. DMR's own parts stand in those screens. A new mode is a line here. */
import type { Component } from 'vue';
import { newFamily, newP25Network, newRoomNetwork } from '@relay/core/plan/create';
import type { ModeId, Network, NetworkModeId, Plan } from '@relay/core/plan/types';
import { families } from '@relay/core/modes/dstar/links';
import { roomNetworks } from '@relay/core/modes/c4fm/rooms';
import { p25Networks } from '@relay/core/modes/p25/links';
import * as c4fm from '../c4fm';
import * as dstar from '../dstar';
import * as p25 from '../p25';

export interface ModeParts {
  /** Props `radio`; tells `change` with a label and a recipe for the radio. */
  RadioFields: Component;
  /** Props `site`; tells `change` with a label and a recipe for the site. */
  SiteFields: Component;
  /** Props `site`, `profile`; tells `change` with a label and a recipe for the profile. */
  StartFields: Component;
  /** Props `network`. */
  NetworkForm: Component;
  /** Props `radioId`, `channel`; tells `select` with the id of another channel. */
  ChannelPanel?: Component;
  /** How its kind of network is called where one is added, and a fresh one. */
  network: { kind: string; holds: (network: Network) => [number, string]; fresh: (id: string, plan: Plan) => Network };
}

/** Three letters that no family of the plan has yet, to be changed to the right ones. */
function freeLetters(plan: Plan): string {
  const taken = new Set(families(plan).map((one) => one.letters));
  return [...'ABCDEFGHIJKLMNOPQRSTUVWXYZ'].map((last) => `FA${last}`).find((one) => !taken.has(one)) ?? 'FAM';
}

const count = <M extends NetworkModeId>(mode: M, of: (network: Extract<Network, { mode: M }>) => number, what: string) => (network: Network): [number, string] => [network.mode === mode ? of(network as Extract<Network, { mode: M }>) : 0, what];

export const MODE_PARTS: Readonly<Partial<Record<ModeId, ModeParts>>> = {
  dstar: { ...dstar, network: { kind: 'a family of reflectors', holds: count('dstar', (one) => one.reflectors.order.length, 'reflector'), fresh: (id, plan) => newFamily(id, `Family ${families(plan).length + 1}`, freeLetters(plan)) } },
  c4fm: { ...c4fm, network: { kind: 'a network of rooms', holds: count('c4fm', (one) => one.rooms.order.length, 'room'), fresh: (id, plan) => newRoomNetwork(id, `Rooms ${roomNetworks(plan).length + 1}`) } },
  p25: { ...p25, network: { kind: 'a P25 network', holds: count('p25', (one) => one.groups.order.length, 'group'), fresh: (id, plan) => newP25Network(id, `P25 ${p25Networks(plan).length + 1}`) } },
};

export const MODES_WITH_PARTS = Object.entries(MODE_PARTS) as [Exclude<NetworkModeId, 'dmr'>, ModeParts][];
